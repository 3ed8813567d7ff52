<script lang="ts">
  import { date } from '$features/display'
  import { km } from './road'
  import type { Plan } from './trip-plan.svelte'

  interface Props {
    plan: Plan
  }

  let { plan }: Props = $props()

  const next = $derived(plan.stops.find((stop) => !stop.done))
</script>

<section aria-labelledby="stops" class="flex flex-col gap-2">
  <h2 id="stops" class="type-h">Where to feel the hubs</h2>
  <a
    href={`/trips/${plan.tripId}/stop`}
    class="flex min-h-14 items-center justify-between gap-4 rounded-plate border border-grease-fill bg-grease-fill px-4 py-2 type-card text-on-grease no-underline"
    ><span>Log a stop</span>{#if next}<span class="tabular-nums">next at {km(next.km)}</span
      >{/if}</a
  >
  <ol class="border-t border-ink text-label">
    {#each plan.stops as stop (stop.km)}
      <li class="grid grid-cols-[76px_minmax(0,1fr)_auto] gap-x-3 border-b border-rule py-1">
        <span class="text-right font-bold tabular-nums">{km(stop.km)}</span>
        <span class="min-w-0">{stop.why}<span class="block text-ink2">{stop.where}</span></span>
        <span class={stop.done ? 'font-semibold text-verdigris' : 'text-ink2'}
          >{stop.done ? 'felt' : date(stop.on)}</span
        >
      </li>
    {/each}
  </ol>
</section>
