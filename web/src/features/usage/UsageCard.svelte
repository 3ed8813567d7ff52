<script lang="ts">
  import { onMount } from 'svelte'
  import { date } from '$features/display'
  import { Button } from '$ui/button'
  import MeterForm from './MeterForm.svelte'
  import Trips from './Trips.svelte'
  import { MeterDraft, Usage } from './usage.svelte'
  import WaterForm from './WaterForm.svelte'

  interface Props {
    rigId: string
    /** Dates may have moved. */
    onchanged?: () => void
  }

  let { rigId, onchanged = () => {} }: Props = $props()

  // the page is made new for every rig
  // svelte-ignore state_referenced_locally
  const usage = new Usage(rigId, onchanged)
  const draft = new MeterDraft()
  let open = $state<'meter' | 'water' | ''>('')
  let allMeter = $state(false)

  const FEW = 4
  const view = $derived(usage.view)
  const meter = $derived(allMeter ? (view?.meter ?? []) : (view?.meter ?? []).slice(0, FEW))
  const km = (value: number): string => `${Math.round(value).toLocaleString('en-GB')} km`
  const kinds = { READ: '', OTHER_METER: 'another meter', ROLLED_OVER: 'rolled over' } as const

  onMount(() => void usage.load())
</script>

<section aria-labelledby="usage" class="flex flex-col gap-2">
  <h2 id="usage" class="type-h">How it is used</h2>
  {#if view}
    <p class="leading-tight">
      {#if view.meterToday !== undefined}
        <span class="type-card tabular-nums">{km(view.meterToday)}</span>
        <span class="text-label text-ink2">
          on its meter today, reckoned from the last reading</span
        >
      {:else}
        <span class="text-ink2">No meter was read.</span>
      {/if}
      {#if view.yearlyKm !== undefined}
        <span class="block text-label"
          >runs about <span class="font-semibold">{km(view.yearlyKm)}</span> a year, an estimate</span
        >
      {/if}
    </p>
    <ul class="border-t border-ink text-label">
      {#each meter as entry (entry.id)}
        <li class="grid grid-cols-[6.2rem_1fr_auto] items-center border-b border-rule">
          <span class="text-ink2 tabular-nums">{date(entry.on)}</span>
          <span class="tabular-nums"
            ><span class="font-semibold">{km(entry.shows)}</span>
            {kinds[entry.kind]}
            {entry.note}</span
          >
          <button
            type="button"
            class="min-h-9 px-2 text-grease underline"
            aria-label={`Correct the reading of ${date(entry.on)}`}
            onclick={() => {
              draft.begin(view.today, entry)
              open = 'meter'
            }}>correct</button
          >
        </li>
      {/each}
    </ul>
    {#if view.meter.length > FEW && !allMeter}
      <button
        type="button"
        class="min-h-9 self-start text-label text-grease underline"
        onclick={() => {
          allMeter = true
        }}>All {view.meter.length} readings</button
      >
    {/if}
    {#if open === 'meter'}
      <MeterForm
        {usage}
        {draft}
        ondone={() => {
          open = ''
        }}
      />
    {:else if open === 'water'}
      <WaterForm
        {usage}
        today={view.today}
        ondone={() => {
          open = ''
        }}
      />
    {:else}
      <div class="flex flex-wrap gap-2">
        <Button
          size="list"
          class="min-h-11"
          onclick={() => {
            draft.begin(view.today)
            open = 'meter'
          }}>Read the meter</Button
        >
        <Button
          size="list"
          class="min-h-11"
          onclick={() => {
            open = 'water'
          }}>It went through water</Button
        >
      </div>
    {/if}
    {#if view.water.length > 0}
      <ul class="text-label">
        {#each view.water.slice(0, FEW) as wet (wet.id)}
          <li class="flex items-center justify-between gap-2 border-b border-rule">
            <span
              ><span class="text-ink2 tabular-nums">{date(wet.on)}</span>
              {wet.kind === 'DUNKING' ? 'dunked' : 'water crossing'}{wet.salt
                ? ', salt'
                : ''}{wet.hot ? ', hubs hot' : ''}{wet.note ? `; ${wet.note}` : ''}</span
            >
            <button
              type="button"
              class="min-h-9 px-2 text-grease underline"
              aria-label={`Take back the water of ${date(wet.on)}`}
              onclick={() => void usage.dry(wet.id)}>take back</button
            >
          </li>
        {/each}
      </ul>
    {/if}
    <Trips {usage} />
  {:else if usage.attempt.problem}
    <p class="text-oxide">{usage.attempt.problem.detail}</p>
  {/if}
</section>
