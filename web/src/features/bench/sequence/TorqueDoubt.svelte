<script lang="ts">
  import type { Schemas } from '$api/request'
  import { figure } from '$features/display'
  import { Mark } from '$ui/mark'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
    question: Schemas['TorqueQuestionView']
    /** The check by which somebody stands by it. */
    meantBy: string
    /** Whether it is about bolts, which press no bearing. */
    bolts?: boolean
  }

  let { bench, question, meantBy, bolts = false }: Props = $props()

  const meant = $derived(bench.extraChecks.includes(meantBy))
</script>

<div role="alert" class="mt-2 border-2 border-oxide bg-sheet p-3">
  <p class="flex items-center gap-2.5">
    <Mark shape="outside" size={30} />
    <span class="type-card"
      >{question.timesExpected >= 1
        ? `${figure(question.timesExpected)} times what this step asks.`
        : `Only ${figure(question.timesExpected * 100)} % of what this step asks.`}
      {bolts ? 'In the right unit?' : 'Foot-pounds for inch-pounds?'}</span
    >
  </p>
  <p class="mt-1">
    It asks {figure(question.expectedLeast.newtonMetres)} to {figure(
      question.expectedMost.newtonMetres,
    )} N·m, {bolts
      ? `${figure(question.expectedLeast.poundForceFeet)} to ${figure(question.expectedMost.poundForceFeet)} lbf·ft.`
      : `${figure(question.expectedLeast.poundForceInches)} to ${figure(question.expectedMost.poundForceInches)} lbf·in. As typed it presses with about ${figure(question.pressKilonewtons)} kN, an estimate.`}
  </p>
  <label class="mt-1 flex min-h-11 cursor-pointer items-center gap-2 font-semibold">
    <input
      type="checkbox"
      class="size-6 accent-oxide"
      checked={meant}
      onchange={() => bench.toggleExtra(meantBy)}
    />
    It is meant, and the unit is right
  </label>
</div>
