<script lang="ts">
  import { date } from '$features/display'
  import { byLeg, km } from './road'
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
    {#each byLeg(plan.stops) as leg (leg.where)}
      <li class="border-b border-rule py-1.5">
        <span class="flex justify-between gap-3"
          ><span class="font-semibold first-letter:uppercase">{leg.where || plan.name}</span><span
            class="text-ink2">{date(leg.on)}</span
          ></span
        >
        <ul class="mt-0.5 flex flex-wrap gap-x-4 gap-y-0.5 tabular-nums">
          {#each leg.stops as stop, i (i)}
            <li>
              <span class={['text-body font-bold', stop.done && 'text-verdigris']}
                >{km(stop.km)}</span
              >
              <span class="text-ink2"
                >{stop.done ? 'felt' : stop.why.replace('end of the leg', 'end')}</span
              >
            </li>
          {/each}
        </ul>
      </li>
    {/each}
  </ol>
</section>
