<script lang="ts">
  import { onMount } from 'svelte'
  import { Chart } from '$features/setting-chart'
  import { leadingLength, otherLength } from '$features/display'
  import { WithSizes } from '$features/calliper'
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import DragCard from './DragCard.svelte'
  import { FreeChart } from './feel.svelte'
  import { ReckonerTabs } from '$features/reckoner/shared'

  const free = new FreeChart()
  let timer: ReturnType<typeof setTimeout> | undefined

  function ask(): void {
    clearTimeout(timer)
    timer = setTimeout(() => void free.ask(), 250)
  }

  onMount(() => void free.ask())

  const fields = [
    'inboard',
    'outboard',
    'backFaces.number',
    'road.wheelLoad.number',
    'road.rollingRadius.number',
    'road.kilometresPerHour',
    'road.outside.number',
  ]
</script>

<svelte:head><title>What the bearings feel · Old Tallow</title></svelte:head>

<ReckonerTabs />
<div class="desk:grid desk:h-[calc(100dvh-91px)] desk:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
  <section
    aria-labelledby="feel"
    class="flex flex-col gap-2 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <h1 id="feel" class="type-say">What the bearings feel</h1>
    {#if free.chart}<Chart chart={free.chart} />{/if}
  </section>
  <div class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5">
    {#if free.chart}
      <p>
        <span class="block text-label font-semibold">The model lives longest at</span>
        <span class="type-num text-[26px] leading-tight font-semibold"
          >{leadingLength(free.chart.best)}</span
        >
        <span class="ml-2 type-num text-ink2">{otherLength(free.chart.best)}</span>
        <span class="block type-num text-label text-ink2"
          >{leadingLength(free.chart.bestIfSofter)} to {leadingLength(free.chart.bestIfStiffer)}, by
          rollers nobody counted</span
        >
        <span class="block"
          >Below zero is preload, which only a maker may ask for. Stay on the loose side: a hair
          tighter than that peak kills a bearing far sooner than loose ever does.</span
        >
      </p>
    {/if}
    <p class="rounded-plate bg-brass-wash px-3 py-2" role="note">
      <b>A worked example</b> until you type what is in your hub.
    </p>
    <WithSizes drawing="backFaces">
      <div class="grid grid-cols-2 gap-3">
        <Field
          label="Inboard set, cone/cup"
          autocomplete="off"
          bind:value={free.inboard}
          oninput={ask}
          error={free.fieldError('inboard')}
        />
        <Field
          label="Outboard set, cone/cup"
          autocomplete="off"
          bind:value={free.outboard}
          oninput={ask}
          error={free.fieldError('outboard')}
        />
        <NumberField
          label={`Back faces apart, ${free.metric ? 'mm' : 'in'}`}
          data-size="backFaces"
          hint="between the wide ends of the cones"
          bind:value={free.backFaces}
          oninput={ask}
          error={free.fieldError('backFaces.number')}
        />
        <NumberField
          label={`Load on this wheel, ${free.metric ? 'kg' : 'lb'}`}
          bind:value={free.load}
          oninput={ask}
          error={free.fieldError('road.wheelLoad.number')}
        />
      </div>
    </WithSizes>
    <WithSizes drawing="wheel">
      <div class="grid grid-cols-2 gap-3">
        <NumberField
          label={`Rolling radius, ${free.metric ? 'mm' : 'in'}`}
          data-size="radius"
          bind:value={free.radius}
          oninput={ask}
          error={free.fieldError('road.rollingRadius.number')}
        />
        <NumberField
          label="Speed, km/h"
          bind:value={free.speed}
          oninput={ask}
          error={free.fieldError('road.kilometresPerHour')}
        />
        <NumberField
          label={`Outside, ${free.metric ? '°C' : '°F'}`}
          inputmode="text"
          bind:value={free.outside}
          oninput={ask}
          error={free.fieldError('road.outside.number')}
        />
      </div>
    </WithSizes>
    {#if free.problem}
      <p role="alert" class="font-semibold text-oxide">
        {free.rest((field) => fields.includes(field))}
      </p>
    {/if}
    <DragCard />
    <p class="text-label text-ink2">
      <b>An estimate, never a maker’s figure.</b> Rings and hub are taken as rigid, rollers as usual for
      these sets, four fifths of the road straight. The shaded window is common practice, 1 to 5 thou.
    </p>
  </div>
</div>
