<script lang="ts">
  import type { Schemas } from '$api/request'
  import { KeyCap } from '$ui/key-cap'
  import { Mark } from '$ui/mark'
  import { reason, states, which } from './states'

  interface Props {
    items: Schemas['NextView'][]
    wheelsOf: (rigId: string) => number
    endsOf: (item: Schemas['NextView']) => Schemas['StandingView'][]
  }

  let { items, wheelsOf, endsOf }: Props = $props()

  const open = $derived(items.filter((item) => item.state !== 'FINE'))
  const fine = $derived(items.length - open.length)
</script>

<h1 class="flex items-baseline gap-3 type-h text-[32px]">
  What next <span class="font-text text-label font-normal text-ink2">worst first</span>
</h1>
<ol class="mt-2 border-t-2 border-ink">
  {#each open as item, i (item.rigId + item.state)}
    {@const ends = endsOf(item)}
    {@const first = ends[0]}
    {@const job = ends.find((end) => end.openJobId)?.openJobId}
    <li class="flex gap-3 border-b border-rule py-3">
      <Mark shape={states[item.state].shape} size={34} />
      <div class="min-w-0 flex-1">
        <h2 class="type-card">{item.rigName}, {which(ends, wheelsOf(item.rigId))}</h2>
        <p class="text-label leading-snug">
          <span class="font-semibold">{states[item.state].word}.</span>
          {reason(item.state, ends)}
        </p>
        {#if first}
          {#if i === 0}
            <a
              href={job ? `/bench/${job}` : `/wheel-ends/${first.id}`}
              class="mt-2 flex min-h-14 items-center justify-between rounded-plate bg-grease-fill px-3 type-card text-on-grease no-underline"
            >
              {job ? 'Go on with its job' : 'Open the wheel end'}
              <KeyCap key="Enter" />
            </a>
          {/if}
          {#if i === 0 && !job}
            <a
              href={`/rigs/${item.rigId}/job`}
              class="mt-1.5 flex min-h-11 items-center justify-between rounded-plate border border-ink px-3 font-semibold text-ink no-underline hover:bg-tray"
            >
              Begin a job on the rig <KeyCap key="G" />
            </a>
          {/if}
          {#if i > 0 && job}
            <a href={`/bench/${job}`} class="inline-flex min-h-6 items-center font-semibold"
              >Go on with its job</a
            >
          {:else if i > 0}
            <a
              href={`/wheel-ends/${first.id}`}
              class="inline-flex min-h-6 items-center font-semibold"
              aria-label={`Open ${item.rigName}, ${first.position}`}
            >
              Open {first.position}
            </a>
          {/if}
        {/if}
      </div>
    </li>
  {/each}
</ol>
<p class="flex items-center gap-2 py-3 text-label">
  <Mark shape="good" size={22} />
  {fine === 0
    ? 'No rig is fine all round.'
    : `On ${fine} ${fine === 1 ? 'rig' : 'rigs'} wheels are fine: nothing to do there.`}
</p>
