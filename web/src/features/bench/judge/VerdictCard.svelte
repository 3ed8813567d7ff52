<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark } from '$ui/mark'

  interface Props {
    judging: Schemas['JudgingView']
    comparison: string[]
  }

  let { judging, comparison }: Props = $props()

  const marks = { REUSE: 'good', REPAIR: 'soon', RENEW: 'never', CANNOT_TELL: 'overdue' } as const
</script>

<div
  role="status"
  class={[
    'rounded-plate border-2 p-2.5',
    judging.outcome === 'REUSE' ? 'border-verdigris bg-verdigris-wash' : 'border-ink bg-sheet',
  ]}
>
  <p class="flex items-center gap-2.5 type-h">
    <Mark shape={marks[judging.outcome]} size={34} />
    <span class="block first-letter:uppercase">{judging.outcomeWords}</span>
  </p>
  <p class="mt-1">{judging.reason}</p>
  <p class="text-label text-ink2 first-letter:uppercase">
    {judging.overruled ? `Overruled by a mechanic: ${judging.overruleReason}` : judging.rule}
  </p>
  {#each judging.causes.slice(0, 2) as cause (cause.cause)}
    <p class="mt-1.5">
      <span class="font-semibold">Probably {cause.words}.</span>
      {cause.remedy}
    </p>
  {/each}
  {#if judging.alsoLookAt.length > 0}
    <p class="mt-1.5">
      <span class="font-semibold">Look at:</span>
      {judging.alsoLookAt.join('; ')}.
    </p>
  {/if}
  {#each comparison as line (line)}<p class="mt-1.5">{line}</p>{/each}
</div>
