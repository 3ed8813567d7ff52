<script lang="ts">
  import type { Schemas } from '$api/request'
  import { figure } from '$features/display'
  import { Button } from '$ui/button'
  import { ProblemCard } from '$ui/problem-card'

  interface Props {
    question: Schemas['TorqueQuestionView']
    entered: Schemas['TorqueEntry']
    confirmed: boolean
    onunit: (unit: Schemas['TorqueEntry']['unit']) => void
    onconfirm: () => void
  }

  let { question, entered, confirmed, onunit, onconfirm }: Props = $props()

  const symbols = {
    NEWTON_METRE: 'N·m',
    POUND_FORCE_FOOT: 'lbf·ft',
    POUND_FORCE_INCH: 'lbf·in',
    KILOGRAM_FORCE_METRE: 'kgf·m',
  } as const
  const said = $derived(`${figure(entered.number)} ${symbols[entered.unit]}`)
  const asked = $derived.by(() => {
    const least = figure(question.expectedLeast.poundForceInches)
    const most = figure(question.expectedMost.poundForceInches)
    return least === most ? `${least} lbf·in` : `${least} to ${most} lbf·in`
  })
  const times = $derived(
    question.timesExpected >= 1
      ? `${figure(question.timesExpected)} times`
      : `only a ${figure(1 / question.timesExpected)}th of`,
  )
</script>

{#if confirmed}
  <p class="text-label font-semibold text-brass">
    {said} confirmed by you; the procedure asks for {asked}.
  </p>
{:else}
  <ProblemCard
    tone="caution"
    title={question.likelyUnit
      ? `Did you mean ${symbols[question.likelyUnit]}?`
      : `${said} for the fine setting?`}
  >
    <p class="text-label">
      {said} is {times} what this step asks ({asked}).
      {#if question.doubt !== 'TOO_LOW' && question.timesExpected > 1}
        It would press the bearings together with about {Number(
          question.pressKilonewtons.toPrecision(2),
        )} kN (our estimate).
      {:else}
        A nut left that slack may not have found zero play.
      {/if}
    </p>
    <div class="mt-2 flex flex-wrap gap-2">
      {#if question.likelyUnit}
        {@const likely = question.likelyUnit}
        <Button onclick={() => onunit(likely)}>It was {symbols[likely]}</Button>
      {/if}
      <Button onclick={onconfirm}>{said} is meant</Button>
    </div>
  </ProblemCard>
{/if}
