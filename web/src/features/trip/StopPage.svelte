<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { keys } from '$features/keys'
  import { AlarmCard, StopDraft, StopForm, WarmthLog, type Warmth } from '$features/warmth'
  import { Button } from '$ui/button'
  import { ProblemCard } from '$ui/problem-card'
  import { km } from './road'
  import { TripPlan } from './trip-plan.svelte'

  interface Props {
    id: string
  }

  let { id }: Props = $props()

  // the route makes a new page for every trip
  // svelte-ignore state_referenced_locally
  const trip = new TripPlan(id)
  let draft = $state.raw<StopDraft | null>(null)
  let touches = $state.raw<Warmth['touches']>([])
  let logged = $state.raw<Warmth | null>(null)

  async function begin(): Promise<void> {
    logged = null
    await trip.load()
    const { view, nextStop } = trip
    if (!view) return
    const log = new WarmthLog(view.rigId)
    await log.load()
    touches = log.view?.touches ?? []
    draft = new StopDraft(view.rigId, { tripId: id, tripKm: nextStop?.km ?? view.km })
  }

  async function save(): Promise<void> {
    const sent = await draft?.send()
    if (!sent) return
    draft = null
    logged = sent
    await trip.load()
  }

  onMount(() => {
    void begin()
    return keys.add([
      { keys: ['PageUp'], does: 'Back to the trip', run: () => void goto(`/trips/${id}`) },
    ])
  })
</script>

<svelte:head><title>A stop · {trip.view?.name ?? 'Trip'} · Old Tallow</title></svelte:head>

<div class="flex max-w-2xl flex-col gap-3 px-4 py-4 desk:px-5">
  {#if trip.view}
    <p class="text-label text-ink2">
      <a href={`/trips/${id}`}>{trip.view.name}</a>, {trip.view.rigName}
    </p>
  {/if}
  {#if logged}
    <h1 class="sr-only">The stop is logged</h1>
    <AlarmCard log={logged} />
    {#if trip.nextStop}
      <p class="text-read">
        {logged.worst?.holdsTheRig ? 'Once somebody has looked, feel' : 'Feel'} them again at
        <span class="font-bold">{km(trip.nextStop.km)}</span>: {trip.nextStop.why},
        {trip.nextStop.where}.
      </p>
    {:else}
      <p class="text-read">That was the last stop of this trip.</p>
    {/if}
    <Button tone="main" onclick={() => void begin()}>Log another stop</Button>
    <a class="inline-flex min-h-11 items-center" href={`/rigs/${trip.view?.rigId ?? ''}/warmth`}
      >All temperatures of this rig</a
    >
  {:else if draft && trip.view}
    <h1 class="type-say">How warm are the hubs?</h1>
    <StopForm {draft} ends={trip.view.ends} {touches} onsave={() => void save()} />
  {:else if trip.attempt.problem}
    <ProblemCard title={trip.attempt.problem.title}
      ><p>{trip.attempt.problem.detail}</p></ProblemCard
    >
    <p><a href="/almanac">To the almanac</a></p>
  {:else}
    <p class="text-ink2" role="status">Fetching the trip …</p>
  {/if}
</div>
