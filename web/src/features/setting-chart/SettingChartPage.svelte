<script lang="ts">
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import type { Schemas } from '$api/request'
  import { leadingLength, otherLength } from '$features/display'
  import { shapeOf, verdictWords } from '$features/nut-dial/state'
  import { keys } from '$features/keys'
  import { Choice } from '$ui/choice'
  import { Mark } from '$ui/mark'
  import { NumberField } from '$ui/number-field'
  import { ProblemCard } from '$ui/problem-card'
  import { AfterDrive } from './after-drive.svelte'
  import AfterDriveCard from './AfterDriveCard.svelte'
  import Chart from './Chart.svelte'
  import Moves from './Moves.svelte'
  import PlayAgain from './PlayAgain.svelte'
  import RockCard from './RockCard.svelte'
  import { Road } from './road.svelte'

  interface Props {
    wheelEndId: string
  }

  let { wheelEndId }: Props = $props()

  // the route makes a new page for every wheel end
  // svelte-ignore state_referenced_locally
  const road = new Road(wheelEndId)
  // svelte-ignore state_referenced_locally
  const after = new AfterDrive(wheelEndId)
  let end = $state.raw<Schemas['WheelEndView'] | null>(null)
  let timer: ReturnType<typeof setTimeout> | undefined
  const systems = [
    { value: 'metric', label: 'kg, mm, °C' },
    { value: 'inch', label: 'lb, in, °F' },
  ] as const

  /** A part of the round as one would say it; the insides are assumed. */
  function carries(share: number): string {
    const parts = Math.round(share * 10)
    if (parts >= 10) return 'all of it'
    return parts < 1 ? 'a roller or two' : `${parts} tenth${parts === 1 ? '' : 's'}`
  }

  function ask(): void {
    clearTimeout(timer)
    timer = setTimeout(() => void road.ask(), 250)
  }

  onMount(() => {
    void road.run(async () => {
      end = await records.wheelEnd(wheelEndId)
    })
    void road.ask()
    return keys.add([
      {
        keys: ['m', 'M'],
        does: 'To the load',
        run: () => document.querySelector<HTMLInputElement>('[data-reading="load"]')?.focus(),
      },
    ])
  })
</script>

<svelte:head><title>What each setting does · Old Tallow</title></svelte:head>

<div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
  <section
    aria-labelledby="chart"
    class="flex flex-col gap-2 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <h1 id="chart" class="type-say">What each setting does</h1>
    {#if end}
      <p class="text-read">
        <a href={`/wheel-ends/${wheelEndId}`} class="font-semibold">{end.rigName}, {end.position}</a
        >{road.chart ? `; ${road.chart.inboard} and ${road.chart.outboard}` : ''}
      </p>
    {/if}
    {#if road.problem && road.problem.errors.length === 0}
      <ProblemCard title={road.problem.title}><p>{road.problem.detail}</p></ProblemCard>
    {/if}
    {#if road.chart}
      <Chart chart={road.chart} />
    {:else if !road.problem}
      <p class="text-ink2" role="status">Working it out …</p>
    {/if}
  </section>
  <div class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5">
    {#if road.chart}
      {@const chart = road.chart}
      <div class="flex flex-wrap items-center gap-x-6 gap-y-1">
        <p>
          <span class="block text-label font-semibold"
            >{chart.setting === undefined ? 'The window’s middle' : 'It stands at'}</span
          >
          <span class="type-num text-reading">{leadingLength(chart.standsAt)}</span>
          <span class="block type-num text-ink2">{otherLength(chart.standsAt)}</span>
        </p>
        <p class="flex items-center gap-2.5">
          <Mark shape={shapeOf[chart.verdict]} size={30} />
          <span class="type-card first-letter:uppercase">{verdictWords[chart.verdict]}</span>
        </p>
      </div>
      <ul class="border-t-2 border-ink">
        {#each chart.words as line (line)}
          <li class="border-b border-rule py-2 text-read">{line}</li>
        {/each}
      </ul>
      {#if chart.here}
        <p>
          Of each bearing’s round, about so much carries: inboard <b
            >{carries(chart.here.inboardShare)}</b
          >, outboard <b>{carries(chart.here.outboardShare)}</b>. It takes some
          <b class="type-num">{chart.here.dragNewtonMetres.toFixed(1)} N·m</b> to turn.
        </p>
      {/if}
    {/if}
    {#if road.chart && road.chart.moves.length > 0}<Moves moves={road.chart.moves} />{/if}
    <section aria-labelledby="road" class="flex flex-col gap-3 border-t-2 border-ink pt-3">
      <div class="flex flex-wrap items-center justify-between gap-3">
        <h2 id="road" class="type-h">On what road?</h2>
        <Choice
          label="Units"
          options={systems}
          value={road.metric ? 'metric' : 'inch'}
          onchange={(system) => {
            road.metric = system === 'metric'
            ask()
          }}
        />
      </div>
      <div class="grid grid-cols-2 gap-3">
        <NumberField
          label={`Load on this wheel, ${road.metric ? 'kg' : 'lb'}`}
          data-reading="load"
          bind:value={road.load}
          oninput={ask}
          error={road.fieldError('wheelLoad.number')}
        />
        <NumberField
          label={`Rolling radius, ${road.metric ? 'mm' : 'in'}`}
          bind:value={road.radius}
          oninput={ask}
          error={road.fieldError('rollingRadius.number')}
        />
        <NumberField
          label="Speed, km/h"
          bind:value={road.speed}
          oninput={ask}
          error={road.fieldError('kilometresPerHour')}
        />
        <NumberField
          label={`Outside, ${road.metric ? '°C' : '°F'}`}
          inputmode="text"
          bind:value={road.outside}
          oninput={ask}
          error={road.fieldError('outside.number')}
        />
      </div>
    </section>
    <AfterDriveCard {after} {road} added={road.chart?.here?.added} />
    <RockCard {wheelEndId} {road} />
    <PlayAgain {wheelEndId} />
    {#if road.chart}
      <p class="text-label text-ink2">
        <b>An estimate, never a maker’s figure.</b> Rings and hub are taken as rigid, the rollers’
        number and size as usual for {road.chart.bearingsKnown
          ? 'these sets'
          : 'the sets usual here; nobody has read this hub’s'}, four fifths of the road straight.
        The grey band is what a tenth more or fewer rollers would make of it, and half or twice the
        cooling. Real hubs give a little: the tight side is milder than drawn. The window is {road
          .chart.source}.
      </p>
    {/if}
  </div>
</div>
