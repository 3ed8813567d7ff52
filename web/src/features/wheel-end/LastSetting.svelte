<script lang="ts">
  import type { Schemas } from '$api/client'
  import { BothUnits, day } from '$features/display'
  import { authorityWords, shapeOf, verdictWords } from '$features/nut-dial'
  import { KeyCap } from '$ui/key-cap'
  import { Mark } from '$ui/mark'
  import { leftWith } from './chart'

  interface Props {
    last: Schemas['NutSettingView'] | null
    standing: Schemas['StandingView'] | null
    dialHref: string
    jobHref: string
  }

  let { last, standing, dialHref, jobHref }: Props = $props()

  const due = $derived.by(() => {
    const left = standing?.daysLeft
    if (left === undefined) return ''
    return left < 0 ? `due for ${-left} days` : left === 0 ? 'due today' : `due in ${left} days`
  })
</script>

<div class="grid grid-cols-[auto_1fr] items-end gap-x-6 gap-y-2">
  {#if last}
    <div>
      <p class="text-label font-semibold">Left at {day(last.setAt)} with</p>
      <BothUnits length={leftWith(last)} size="reading" />
    </div>
    <div class="pb-1">
      <p class="flex items-center gap-2">
        <Mark shape={shapeOf[last.verdict]} size={26} />
        <span class="font-semibold">{verdictWords[last.verdict]}</span>
      </p>
      <p class="text-label text-ink2">
        {last.measuredEndPlay ? 'measured after locking' : 'worked out from the angle'}
      </p>
      {#if due && standing}
        <p class="text-label">
          <span class="font-semibold">{due}</span>
          <span class="text-ink2"
            >by {authorityWords[standing.intervalAuthority].toLowerCase()}</span
          >
        </p>
      {/if}
    </div>
  {:else}
    <div class="col-span-2">
      <p class="type-h">No setting on record</p>
      <p class="mt-1">Nobody knows how this nut was left. Set it, and the next one will.</p>
    </div>
  {/if}
</div>
<a
  href={dialHref}
  class="flex min-h-14 items-center justify-between rounded-plate bg-grease-fill px-4 type-card text-[20px] text-on-grease no-underline"
>
  Set the nut <KeyCap key="Space" />
</a>
<a
  href={jobHref}
  class="flex min-h-14 items-center justify-between rounded-plate border border-ink bg-sheet px-4 type-card text-ink no-underline hover:bg-tray"
>
  Begin or go on with a job <KeyCap key="G" />
</a>
