<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { moment } from '$features/display'
  import { keys } from '$features/keys'
  import { Button } from '$ui/button'
  import { ProblemCard } from '$ui/problem-card'
  import AlarmCard from './AlarmCard.svelte'
  import { axles } from './chart'
  import { StopDraft } from './stop-draft.svelte'
  import StopForm from './StopForm.svelte'
  import WarmthChart from './WarmthChart.svelte'
  import { WarmthLog } from './warmth-log.svelte'

  interface Props {
    id: string
  }

  let { id }: Props = $props()

  // the route makes a new page for every rig
  // svelte-ignore state_referenced_locally
  const log = new WarmthLog(id)
  let draft = $state.raw<StopDraft | null>(null)
  const gains = $derived(log.view?.hubs.filter((hub) => (hub.gain ?? 0) >= 1) ?? [])

  function begin(): void {
    draft = new StopDraft(id, null)
  }

  onMount(() => {
    void log.load()
    return keys.add([
      { keys: ['PageUp'], does: 'Back to the rig', run: () => void goto(`/rigs/${id}`) },
      { keys: ['l'], does: 'Log a stop', run: begin },
    ])
  })

  async function save(): Promise<void> {
    const sent = await draft?.send()
    if (!sent) return
    log.view = sent
    draft = null
  }
</script>

<svelte:head
  ><title>Hub temperatures of {log.view?.rigName ?? 'a rig'} · Old Tallow</title></svelte:head
>

{#if log.view}
  {@const view = log.view}
  <div class="flex flex-col gap-4 px-4 py-4 desk:px-5">
    <div>
      <p class="text-label text-ink2">
        <a href={`/rigs/${id}`}>{view.rigName}</a>,
        <a href={`/rigs/${id}/almanac`}>almanac</a>, hub temperatures
      </p>
      <h1 class="sr-only">Hub temperatures of {view.rigName}</h1>
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)] gap-5 desk:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <div class="flex flex-col gap-4">
        {#if view.stops.length === 0}
          <p class="type-say">No hub was felt yet</p>
          <p class="text-read">
            Warm is fine. One side hotter than the other says more than either number. Feel them
            after the first warm kilometres and at each fuel stop.
          </p>
        {:else}
          <AlarmCard log={view} />
          <ul class="grid grid-cols-2 tab:grid-cols-4">
            {#each view.hubs as hub (hub.wheelEndId)}
              {@const last = hub.readings.at(-1)}
              <li class="-mr-px -mb-px border border-ink bg-sheet px-3 py-2">
                <span class="block font-semibold first-letter:uppercase">{hub.name}</span>
                {#if last}
                  <span class="type-num text-reading">{Math.round(last.about)}</span>
                  <span class="type-num text-read">°C</span>
                  <span class="block text-min text-ink2"
                    >{last.celsius === undefined ? 'by hand, an estimate' : moment(last.at)}</span
                  >
                {:else}
                  <span class="block text-ink2">not felt yet</span>
                {/if}
              </li>
            {/each}
          </ul>
          {#each axles(view.hubs) as axle (axle.name)}<WarmthChart
              {axle}
              bands={view.bands}
            />{/each}
          <p class="-mt-2 text-min text-ink2">
            Squares and full line: left. Rounds and dashed line: right. Hollow: by hand, an
            estimate. Red: something had to be done. Bands and 15 degrees between sides are common
            practice.
          </p>
          {#if gains.length > 0}
            <p class="text-label">
              Gained on its other side over the last stops: {gains
                .map((hub) => `${hub.name} ${(hub.gain ?? 0).toFixed(0)} degrees`)
                .join(', ')}.
            </p>
          {/if}
        {/if}
      </div>
      <div class="flex flex-col gap-4">
        {#if draft}
          <StopForm {draft} ends={view.hubs} touches={view.touches} onsave={() => void save()} />
        {:else}
          <Button tone="main" onclick={begin}>Log how warm the hubs are</Button>
        {/if}
        <section>
          <h2 class="type-h">Stops</h2>
          <ul class="border-t border-ink text-label">
            {#each view.stops as stop (stop.id)}
              <li
                class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule py-1"
              >
                <span class="min-w-0"
                  ><span class="font-semibold">{moment(stop.at)}</span>, {stop.person}
                  <span class="block text-ink2">
                    {[
                      stop.tripKm === undefined
                        ? ''
                        : `${Math.round(stop.tripKm)} km into the trip`,
                      stop.dayCelsius === undefined ? '' : `day ${Math.round(stop.dayCelsius)} °C`,
                      stop.note,
                    ]
                      .filter((word) => word !== '')
                      .join(', ')}
                  </span></span
                >
                <button
                  type="button"
                  class="min-h-11 px-2 text-grease underline"
                  aria-label={`Take back the stop of ${moment(stop.at)}`}
                  onclick={() => void log.takeBack(stop.id)}>take back</button
                >
              </li>
            {:else}
              <li class="border-b border-rule py-1.5 text-ink2">None yet.</li>
            {/each}
          </ul>
        </section>
      </div>
    </div>
  </div>
{:else if log.attempt.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={log.attempt.problem.title}><p>{log.attempt.problem.detail}</p></ProblemCard>
    <p class="mt-3"><a href="/">To the yard</a></p>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the log …</p>
{/if}
