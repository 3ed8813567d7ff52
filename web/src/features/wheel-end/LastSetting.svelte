<script lang="ts">
  import type { Schemas } from '$api/request'
  import { BothUnits, day } from '$features/display'
  import { authorityWords, shapeOf, verdictWords } from '$features/nut-dial/state'
  import { KeyCap } from '$ui/key-cap'
  import { Mark } from '$ui/mark'
  import { leftWith } from './chart'

  interface Props {
    last: Schemas['NutSettingView'] | null
    standing: Schemas['StandingView'] | null
    dialHref: string
    jobHref: string
    /** The setting chart. */
    chartHref: string
  }

  let { last, standing, dialHref, jobHref, chartHref }: Props = $props()

  const jobOpen = $derived(Boolean(standing?.openJobId))
  const actions = $derived(
    jobOpen
      ? [
          { href: jobHref, words: 'Go on with the job', key: 'G' },
          { href: dialHref, words: 'Set the nut', key: 'Space' },
        ]
      : [
          { href: dialHref, words: 'Set the nut', key: 'Space' },
          { href: jobHref, words: 'Begin a job', key: 'G' },
        ],
  )
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
{#each actions as action, i (action.href)}
  <a
    href={action.href}
    class={[
      'flex min-h-14 items-center justify-between rounded-plate px-4 type-card no-underline',
      i === 0
        ? 'bg-grease-fill text-[20px] text-on-grease'
        : 'border border-ink bg-sheet text-ink hover:bg-tray',
    ]}
  >
    {action.words}
    <KeyCap key={action.key} />
  </a>
{/each}
<p>
  <a href={chartHref} class="flex min-h-11 items-center font-semibold"
    >What each setting does to this hub</a
  >
</p>
