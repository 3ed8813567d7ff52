<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { date } from '$features/display'
  import { keys } from '$features/keys'
  import { ProblemCard } from '$ui/problem-card'
  import AdviceRow from './AdviceRow.svelte'
  import CarryCard from './CarryCard.svelte'
  import DoubtRow from './DoubtRow.svelte'
  import FeelStops from './FeelStops.svelte'
  import { km } from './road'
  import Road from './Road.svelte'
  import { TripPlan } from './trip-plan.svelte'

  interface Props {
    id: string
  }

  let { id }: Props = $props()

  // the route makes a new page for every trip
  // svelte-ignore state_referenced_locally
  const trip = new TripPlan(id)

  onMount(() => {
    void trip.load()
    return keys.add([
      {
        keys: ['PageUp'],
        does: 'Back to the almanac of the rig',
        run: () => void goto(`/rigs/${trip.view?.rigId ?? ''}/almanac`),
      },
      { keys: ['l'], does: 'Log a stop', run: () => void goto(`/trips/${id}/stop`) },
    ])
  })

  const lead = $derived.by(() => {
    const view = trip.view
    if (!view) return ''
    if (view.state === 'CANCELLED') return 'Called off'
    if (view.state === 'DRIVEN') return 'Driven'
    const before = view.doubts.length + trip.before.length
    if (before > 0)
      return before === 1
        ? 'One thing to do before you leave'
        : `${before} things to do before you leave`
    if (view.good) return 'The hubs are good for this trip'
    if (view.ends.length === 0) return 'This rig has no wheel ends yet'
    return trip.onTheWay.length > 0
      ? 'Nothing before you leave; something falls due on the way'
      : 'Nothing before you leave; something falls due by the end of it'
  })
  const groups = $derived([
    { title: 'Before you leave', list: trip.before },
    { title: 'On the way', list: trip.onTheWay },
    { title: 'On return', list: trip.onReturn },
    { title: 'Not on this trip', list: trip.later },
  ])
  const countdown = (days: number): string =>
    days > 1
      ? `leaves in ${days} days`
      : days === 1
        ? 'leaves tomorrow'
        : days === 0
          ? 'leaves today'
          : 'under way'
  const apart = $derived(
    trip.view?.doubts
      .filter((one) => one.doubt === 'APART')
      .flatMap((one) => one.ends.map((end) => end.wheelEndId)) ?? [],
  )
</script>

<svelte:head><title>{trip.view?.name ?? 'A trip'} · Old Tallow</title></svelte:head>

{#if trip.view}
  {@const view = trip.view}
  <div class="flex flex-col gap-4 px-4 py-4 desk:px-5">
    <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
      <div>
        <p class="text-label text-ink2">
          <a href={`/rigs/${view.rigId}/almanac`}>{view.rigName}</a>, trip: {view.name}
        </p>
        <h1 class="type-say">{lead}</h1>
      </div>
      <p class="text-read">
        <span class="font-bold">{date(view.from)} to {date(view.to)}, {km(view.km)}</span
        >{#if view.state === 'PLANNED'}, {countdown(view.daysToGo)}{/if}
      </p>
    </div>
    <Road plan={view} />
    <div class="grid gap-5 desk:grid-cols-[minmax(0,7fr)_minmax(0,5fr)] desk:grid-rows-[auto_1fr]">
      <div class="flex flex-col gap-4">
        {#each groups as group (group.title)}
          {@const doubts = group.list === trip.before ? view.doubts : []}
          {#if group.list.length + doubts.length > 0}
            <section>
              <h2 class="type-h">{group.title}</h2>
              <ul class="border-t border-ink">
                {#each doubts as one (one.doubt)}<DoubtRow {one} />{/each}
                {#each group.list as advice, i (i)}<AdviceRow
                    {advice}
                    rigId={view.rigId}
                    {apart}
                  />{/each}
              </ul>
            </section>
          {/if}
        {/each}
        {#if view.advice.length + view.doubts.length === 0}
          <p class="text-read">
            Nothing on record to count from. Write down when each wheel end was last done.
          </p>
        {/if}
      </div>
      <div class="desk:row-span-2"><FeelStops plan={view} /></div>
      <div class="flex flex-col gap-4">
        <CarryCard plan={view} />
        <p class="text-label text-ink2">
          Dates are estimates from how this rig is used. A maker's figure and what you find at the
          hub go first; brakes and road-worthiness are licensed work in many places.
        </p>
      </div>
    </div>
  </div>
{:else if trip.attempt.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={trip.attempt.problem.title}
      ><p>{trip.attempt.problem.detail}</p></ProblemCard
    >
    <p class="mt-3"><a href="/almanac">To the almanac</a></p>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the trip …</p>
{/if}
