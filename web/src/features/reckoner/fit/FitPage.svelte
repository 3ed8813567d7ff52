<script lang="ts">
  import { onMount } from 'svelte'
  import { page } from '$app/state'
  import { BearingPicker } from '$features/bearing'
  import { WithSizes } from '$features/calliper'
  import { keys } from '$features/keys'
  import { Choice } from '$ui/choice'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import { Begins, degreeUnits, ReckonerTabs, soon, units } from '$features/reckoner/shared'
  import { Fit } from './fit.svelte'
  import FitResult from './FitResult.svelte'

  const fit = new Fit()
  const ask = soon(() => void fit.ask())
  const instruments = [
    { value: 'MICROMETER', label: 'micrometer' },
    { value: 'CALLIPER', label: 'calliper' },
  ] as const
  const classes = [
    { value: '', label: 'measured' },
    { value: 'N7', label: 'N7' },
    { value: 'P7', label: 'P7' },
    { value: 'R7', label: 'R7' },
  ] as const

  onMount(() => {
    const wheelEnd = page.url.searchParams.get('wheelEnd')
    void fit
      .load()
      .then(() => fit.begin(wheelEnd, page.url.searchParams.get('place') === 'outboard'))
    return keys.add([
      {
        keys: ['m', 'M'],
        does: 'To the first reading',
        run: () => document.querySelector<HTMLInputElement>('[data-reading="set"]')?.focus(),
      },
    ])
  })
</script>

<svelte:head><title>Fit and heat · Old Tallow</title></svelte:head>

<ReckonerTabs />
<div class="desk:grid desk:h-[calc(100dvh-95px)] desk:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
  <section
    aria-labelledby="fit"
    class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <div class="flex flex-wrap items-center justify-between gap-3">
      <h1 id="fit" class="type-h">Will the cup hold in this hub?</h1>
      <Choice
        label="Unit of the readings"
        options={units}
        value={fit.unit}
        onchange={(unit) => {
          fit.unit = unit
          if (fit.from === 'EXAMPLE') fit.example()
          else ask()
        }}
      />
    </div>
    <Begins from={fit.from} onown={() => fit.clear()}>
      <WithSizes drawing="fit">
        <div class="grid grid-cols-2 gap-3">
          <div class="col-span-2">
            <BearingPicker
              label="Set, cone/cup"
              hint="fills in what you do not measure"
              value={fit.set}
              onchange={(set) => {
                fit.set = set
                ask()
              }}
              error={fit.fieldError('set')}
            />
          </div>
          <Pick
            label="Hub of"
            options={fit.reference?.hubs.map((one) => ({ value: one.id, label: one.words })) ?? []}
            value={fit.hub}
            onchange={(hub) => {
              fit.hub = hub
              void fit.ask()
            }}
          />
          <NumberField
            label="Cup, outside"
            data-size="cup"
            hint="left out: a new one"
            bind:value={fit.cup}
            oninput={ask}
            error={fit.errorOf('cup')}
          />
          <NumberField
            label="Bore of the hub"
            data-size="bore"
            bind:value={fit.bore}
            oninput={ask}
            error={fit.errorOf('bore')}
          />
          <NumberField
            label="Hub outside, round the cup"
            data-size="hubOutside"
            bind:value={fit.hubOutside}
            oninput={ask}
            error={fit.errorOf('hubOutside')}
          />
          <NumberField
            label={`Load on this bearing, ${fit.unit === 'INCH' ? 'lb' : 'kg'}`}
            hint="left out: usual for its size"
            bind:value={fit.weight}
            oninput={ask}
            error={fit.errorOf('load')}
          />
          <div class="col-span-2 flex flex-col gap-1 tab:col-span-1">
            <span class="text-label font-semibold">Measured with</span>
            <Choice
              label="Measured with"
              options={instruments}
              value={fit.instrument}
              onchange={(instrument) => {
                fit.instrument = instrument
                void fit.ask()
              }}
            />
          </div>
        </div>
      </WithSizes>
    </Begins>
    <div class="flex flex-wrap items-center justify-between gap-2">
      <span class="text-label font-semibold">Bore by the drawing’s class instead</span>
      <Choice
        label="Bore by class"
        options={classes}
        value={fit.boreClass}
        onchange={(boreClass) => {
          fit.boreClass = boreClass
          void fit.ask()
        }}
      />
    </div>
    <div class="mt-1 flex items-center justify-between gap-3 border-t-2 border-ink pt-3">
      <h2 class="type-h">Warm the hub, chill the cup</h2>
      <Choice
        label="Unit of the temperatures"
        options={degreeUnits}
        value={fit.degree}
        onchange={(degree) => {
          fit.degree = degree
          ask()
        }}
      />
    </div>
    <Pick
      label="The hub is"
      options={fit.reference?.hubStates.map((one) => ({
        value: one.id,
        label: one.words,
        note: `not above ${Math.round(one.limit.celsius)} °C, ${Math.round(one.limit.fahrenheit)} °F`,
      })) ?? []}
      value={fit.hubState}
      onchange={(state) => {
        fit.hubState = state
        void fit.ask()
      }}
    />
    <div class="grid grid-cols-2 gap-3">
      <NumberField
        label="Hub is at, now"
        bind:value={fit.hubNow}
        oninput={ask}
        error={fit.errorOf('hubTemperature')}
      />
      <NumberField
        label="Cup is at, now"
        bind:value={fit.cupNow}
        oninput={ask}
        error={fit.errorOf('cupTemperature')}
      />
    </div>
    <p class="rounded-plate border-2 border-ink bg-brass-wash p-3">
      <b>Never a flame on a greasy hub.</b> Old grease catches fire at once. Oven or warm air, gloves,
      and nothing flammable near. A hub at 100 °C burns at a touch; dry ice burns too, and alone it is
      too cold for the ring: a bath, not below −54 °C.
    </p>
  </section>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex (it scrolls, and nothing in it takes the focus) -->
  <section
    aria-label="What comes of it"
    tabindex="0"
    class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5"
  >
    {#if fit.problem && fit.problem.errors.length === 0}
      <ProblemCard title={fit.problem.title}><p>{fit.problem.detail}</p></ProblemCard>
    {/if}
    <FitResult found={fit.found} hubState={fit.hubState} />
  </section>
</div>
