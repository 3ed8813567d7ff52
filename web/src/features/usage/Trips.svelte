<script lang="ts">
  import type { Schemas } from '$api/request'
  import { date } from '$features/display'
  import { Button } from '$ui/button'
  import { TripDraft } from './trip.svelte'
  import TripForm from './TripForm.svelte'
  import type { Usage } from './usage.svelte'

  interface Props {
    usage: Usage
  }

  let { usage }: Props = $props()

  const words = { PLANNED: 'planned', DRIVEN: 'driven', CANCELLED: 'cancelled' } as const
  const FEW = 5
  let all = $state(false)
  let draft = $state.raw<TripDraft | null>(null)
  const trips = $derived(all ? (usage.view?.trips ?? []) : (usage.view?.trips ?? []).slice(0, FEW))

  function edit(trip?: Schemas['TripView']): void {
    draft = new TripDraft(usage.view?.today ?? '', trip)
  }

  async function save(): Promise<void> {
    if (!draft || !(await draft.save(usage.rigId))) return
    draft = null
    await usage.load()
    usage.changed()
  }
</script>

<h3 class="mt-2 type-card">Trips</h3>
<ul class="border-t border-ink text-label">
  {#each trips as trip (trip.id)}
    <li class="grid grid-cols-[1fr_auto] items-center gap-x-3 border-b border-rule py-0.5">
      <span
        ><span class="font-semibold">{trip.name}</span>, {words[trip.state]}
        <span class="block text-ink2 tabular-nums"
          >{date(trip.from)} to {date(trip.to)}, {Math.round(trip.km).toLocaleString('en-GB')} km</span
        ></span
      >
      <span class="flex flex-wrap justify-end">
        <a
          class="inline-flex min-h-11 items-center px-2 font-semibold"
          aria-label={`What ${trip.name} asks`}
          href={`/trips/${trip.id}`}>plan it</a
        >
        <button
          type="button"
          class="min-h-11 px-2 text-grease underline"
          aria-label={`Change the trip ${trip.name}`}
          onclick={() => edit(trip)}>change</button
        >
      </span>
    </li>
  {:else}
    <li class="border-b border-rule py-1.5 text-ink2">None yet.</li>
  {/each}
</ul>
{#if (usage.view?.trips.length ?? 0) > FEW && !all}
  <button
    type="button"
    class="min-h-9 self-start text-label text-grease underline"
    onclick={() => {
      all = true
    }}>All {usage.view?.trips.length} trips</button
  >
{/if}
{#if draft}
  <TripForm
    {draft}
    onsave={() => void save()}
    oncancel={() => {
      draft = null
    }}
  />
{:else}
  <Button size="list" class="min-h-11 self-start" onclick={() => edit()}
    >Plan or enter a trip</Button
  >
{/if}
