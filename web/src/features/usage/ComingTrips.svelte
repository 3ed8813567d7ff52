<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { away, date } from '$features/display'

  const FEW = 6
  const attempt = new Attempt()
  let trips = $state.raw<Schemas['ComingTripView'][]>([])

  onMount(() => {
    void attempt.run(async () => {
      trips = await api.comingTrips()
    })
  })
</script>

{#if trips.length > 0}
  <section aria-labelledby="coming">
    <h2 id="coming" class="type-h">Before which trip?</h2>
    <ul class="border-t border-ink">
      {#each trips.slice(0, FEW) as trip (trip.id)}
        <li class="border-b border-rule">
          <a
            href={`/trips/${trip.id}`}
            class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1.5 text-ink no-underline hover:bg-tray"
          >
            <span class="min-w-0 leading-tight"
              ><span class="font-semibold">{trip.rigName}: {trip.name}</span>
              <span class="block text-label text-ink2 tabular-nums"
                >{date(trip.from)} to {date(trip.to)}, {Math.round(trip.km).toLocaleString('en-GB')} km</span
              ></span
            >
            <span class="font-bold tabular-nums"
              >{trip.daysToGo < 0 ? 'under way' : away(trip.daysToGo)}</span
            >
          </a>
        </li>
      {/each}
    </ul>
  </section>
{/if}
