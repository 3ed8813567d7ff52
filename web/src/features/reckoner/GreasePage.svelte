<script lang="ts">
  import { onMount } from 'svelte'
  import { page } from '$app/state'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import { degreeUnits, noNumber, soon } from './entries'
  import { Grease } from './grease.svelte'
  import GreaseResult from './GreaseResult.svelte'
  import ReckonerTabs from './ReckonerTabs.svelte'

  const grease = new Grease(page.url.searchParams.get('wheelEnd') ?? '')
  const ofWheelEnd = page.url.searchParams.has('wheelEnd')
  const ask = soon(() => void grease.ask())
  const fills = [
    { value: 'EMPTY', label: 'none' },
    { value: 'RING', label: 'a ring' },
    { value: 'THIRD', label: 'a third' },
    { value: 'FULL', label: 'full' },
  ] as const
  const thickeners = $derived(
    grease.reference?.thickeners.map((one) => ({ value: one.id, label: one.words })) ?? [],
  )
  const toggles = [
    { key: 'dunked', label: 'goes under water' },
    { key: 'heavy', label: 'loaded hard, braked hills' },
    { key: 'capFilled', label: 'cap filled' },
  ] as const

  onMount(() => void grease.load())
</script>

<svelte:head><title>Grease · Old Tallow</title></svelte:head>

<ReckonerTabs />
<div class="desk:grid desk:h-[calc(100dvh-95px)] desk:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
  <section
    aria-labelledby="grease"
    class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <h1 id="grease" class="type-h">Which grease, and how much?</h1>
    {#if !ofWheelEnd}
      <Pick
        label="Hub"
        options={grease.constructions?.constructions.map((one) => ({
          value: one.id,
          label: one.words,
        })) ?? []}
        value={grease.construction}
        onchange={(construction) => {
          grease.construction = construction
          void grease.ask()
        }}
      />
    {/if}
    <div class="flex flex-wrap gap-2">
      {#each toggles as toggle (toggle.key)}
        <label
          class="flex min-h-11 cursor-pointer items-center gap-2 rounded-plate border border-ink bg-sheet px-3 font-semibold"
        >
          <input
            type="checkbox"
            class="size-5 accent-grease-fill"
            bind:checked={grease[toggle.key]}
            onchange={() => grease.ask()}
          />
          {toggle.label}
        </label>
      {/each}
    </div>
    <div class="grid grid-cols-[1fr_auto] items-end gap-3">
      <Field
        label="Coldest day"
        autocomplete="off"
        inputmode="text"
        bind:value={grease.coldest}
        oninput={ask}
        error={noNumber(grease.coldest) || grease.fieldError('coldest.number')}
      />
      <Choice
        label="Unit of the temperatures"
        options={degreeUnits}
        value={grease.degree}
        onchange={(degree) => {
          grease.degree = degree
          ask()
        }}
      />
    </div>
    <Field
      label="Code or mark on the tin"
      hint="such as KP2K-30, ISO-L-XCCHB 2, GC-LB"
      autocomplete="off"
      bind:value={grease.tin}
      oninput={ask}
      error={grease.fieldError('code')}
    />
    <div class="grid grid-cols-2 gap-3">
      <Pick
        label="Thickener of the new"
        options={thickeners}
        value={grease.thickener}
        onchange={(one) => {
          grease.thickener = one
          void grease.ask()
        }}
      />
      <Pick
        label="What was in it"
        options={thickeners}
        value={grease.old}
        onchange={(one) => {
          grease.old = one
          void grease.ask()
        }}
      />
    </div>
    <div class="flex flex-wrap items-end justify-between gap-3">
      <div class="flex flex-col gap-1">
        <span class="text-label font-semibold">Hub’s hollow</span>
        <Choice
          label="Hub’s hollow"
          options={fills}
          value={grease.fill === 'OIL' ? 'FULL' : grease.fill}
          onchange={(fill) => {
            grease.fill = fill
            void grease.ask()
          }}
        />
      </div>
      <Field
        label="One stroke of the gun, cm³"
        class="w-40"
        inputmode="decimal"
        autocomplete="off"
        bind:value={grease.stroke}
        oninput={ask}
        error={noNumber(grease.stroke) || grease.fieldError('stroke')}
      />
    </div>
    <h2 class="mt-1 border-t-2 border-ink pt-3 type-h">Does its oil carry at speed?</h2>
    <div class="grid grid-cols-2 gap-3 tab:grid-cols-3">
      <Field
        label="Base oil at 40 °C, mm²/s"
        inputmode="decimal"
        autocomplete="off"
        bind:value={grease.at40}
        oninput={ask}
        error={noNumber(grease.at40) || grease.fieldError('at40')}
      />
      <Field
        label="at 100 °C, mm²/s"
        inputmode="decimal"
        autocomplete="off"
        bind:value={grease.at100}
        oninput={ask}
        error={noNumber(grease.at100) || grease.fieldError('at100')}
      />
      <Field
        label="Hub runs at"
        inputmode="decimal"
        autocomplete="off"
        bind:value={grease.hub}
        oninput={ask}
        error={noNumber(grease.hub) || grease.fieldError('hub.number')}
      />
      <Field
        label="Speed, km/h"
        inputmode="decimal"
        autocomplete="off"
        bind:value={grease.speed}
        oninput={ask}
        error={noNumber(grease.speed) || grease.fieldError('kilometresPerHour')}
      />
      <Field
        label="Wheel’s rolling radius, mm"
        inputmode="decimal"
        autocomplete="off"
        bind:value={grease.radius}
        oninput={ask}
        error={noNumber(grease.radius) || grease.fieldError('rollingRadius.number')}
      />
    </div>
  </section>
  <div class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5">
    {#if grease.problem && grease.problem.errors.length === 0}
      <ProblemCard title={grease.problem.title}><p>{grease.problem.detail}</p></ProblemCard>
    {/if}
    {#if grease.found}<GreaseResult found={grease.found} code={grease.code} />{/if}
  </div>
</div>
