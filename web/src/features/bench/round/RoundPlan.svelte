<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Bench } from '$features/bench/job'
  import HubMark from './HubMark.svelte'
  import { orders, standing } from './words'

  interface Props {
    bench: Bench
    job: Schemas['JobView']
  }

  let { bench, job }: Props = $props()

  const axles = $derived(
    [...new Set(job.round.hubs.map((hub) => hub.axlePosition))].sort((a, b) => a - b),
  )
  const at = (axle: number, side: 'LEFT' | 'RIGHT') =>
    job.round.hubs.find((hub) => hub.axlePosition === axle && hub.side === side)
  const going = $derived(job.round.hubs.some((hub) => hub.state === 'OPEN'))
  const elsewhere = $derived(job.round.hubs.filter((hub) => hub.by && hub.jobId !== job.id))
</script>

<div class="z-10 w-full max-w-[430px] border border-ink bg-sheet text-label">
  <p class="border-b border-ink px-2.5 py-1 type-card">
    <a href={`/rigs/${job.hub.rigId}`} class="text-ink no-underline hover:underline"
      >{job.hub.rigName}</a
    ><span class="font-text text-label font-normal"
      >, {job.scopeWords}, {job.round.hubs.length} hubs</span
    >
  </p>
  <div role="group" aria-label="Hubs of this job">
    {#each axles as axle (axle)}
      <div class="grid grid-cols-2 border-b border-rule">
        {#each ['LEFT', 'RIGHT'] as const as side (side)}
          {@const hub = at(axle, side)}
          {#if hub}
            {@const here = hub.jobId === job.id}
            <a
              href={`/bench/${hub.jobId}`}
              aria-current={here ? 'true' : undefined}
              class={[
                'flex min-h-11 items-center gap-2 px-2 py-0.5 text-ink no-underline hover:bg-tray',
                side === 'RIGHT' && 'flex-row-reverse border-l border-rule text-right',
              ]}
            >
              <HubMark {hub} {here} />
              <span class="min-w-0 flex-1 leading-tight">
                <span class={['block', here ? 'font-bold' : 'font-semibold']}>{hub.position}</span>
                <span class="block truncate text-ink2"
                  >{standing(hub)}{hub.by ? `, ${hub.by}` : ''}</span
                >
              </span>
            </a>
          {:else}
            <span class={['min-h-11', side === 'RIGHT' && 'border-l border-rule']}></span>
          {/if}
        {/each}
      </div>
    {/each}
  </div>
  {#if elsewhere.length > 0}
    <p class="border-b border-rule px-2.5 py-1">
      {elsewhere.map((hub) => `${hub.by ?? ''} is at ${hub.position}`).join('; ')}.
    </p>
  {/if}
  {#if going}
    <div role="radiogroup" aria-label="Round the hubs" class="flex">
      {#each orders as order (order.value)}
        <button
          type="button"
          role="radio"
          aria-checked={job.round.order === order.value}
          disabled={bench.attempt.busy}
          class={[
            'min-h-11 flex-1 px-2 font-semibold',
            job.round.order === order.value ? 'bg-ink text-wall' : 'hover:bg-tray',
          ]}
          onclick={(event) => {
            event.currentTarget.blur() // the pedal's Space is for the blue button
            void bench.reorder(order.value)
          }}>{order.words}</button
        >
      {/each}
    </div>
  {/if}
</div>
