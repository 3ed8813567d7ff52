<script lang="ts">
  import { date } from '$features/display'
  import { authorityWords } from '$features/nut-dial/state'
  import { Mark } from '$ui/mark'
  import type { Advice } from './trip-plan.svelte'

  interface Props {
    advice: Advice
    rigId: string
    /** Wheel ends with a job that is not over. */
    apart?: readonly string[]
  }

  let { advice, rigId, apart = [] }: Props = $props()

  const shape = $derived(
    advice.when === 'BEFORE_LEAVING' ? 'overdue' : advice.when === 'ON_THE_WAY' ? 'soon' : 'good',
  )
  const names = $derived(advice.ends.map((end) => end.name).join(', '))
</script>

<li class="grid grid-cols-[30px_minmax(0,1fr)_auto] gap-x-3 border-b border-rule py-2">
  <Mark {shape} size={26} />
  <span class="min-w-0">
    <span class="block leading-tight"
      ><span class="type-card first-letter:uppercase">{advice.words}</span>
      <span class="text-label text-ink2">{names}</span></span
    >
    <span class="block font-semibold"
      >{advice.whenWords}{advice.where === '' ? '' : `: ${advice.where}`}</span
    >
    <span class="block text-label text-ink2"
      >{advice.why}; {advice.by}, {authorityWords[advice.authority].toLowerCase()}</span
    >
    {#if advice.when === 'BEFORE_LEAVING'}
      <span class="flex flex-wrap gap-x-4 text-label">
        {#each advice.ends as end (end.wheelEndId)}
          <a class="inline-flex min-h-9 items-center" href={`/wheel-ends/${end.wheelEndId}/job`}
            >{apart.includes(end.wheelEndId) ? 'go on with the' : 'begin on the'} {end.name}</a
          >
        {/each}
      </span>
    {/if}
  </span>
  <span class="text-right whitespace-nowrap">
    <span class="block font-bold tabular-nums">{date(advice.likely)}</span>
    {#if advice.earliest !== advice.likely}
      <span class="block text-min text-ink2">from {date(advice.earliest)}</span>
    {/if}
    {#if advice.moved}
      <a class="block text-min text-grease underline" href={`/rigs/${rigId}/almanac`}
        >{advice.without ? `without the trip ${date(advice.without)}` : 'only by this trip'}</a
      >
    {/if}
  </span>
</li>
