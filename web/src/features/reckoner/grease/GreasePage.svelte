<script lang="ts">
  import { onMount } from 'svelte'
  import { page } from '$app/state'
  import { day } from '$features/display'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import { degreeUnits, ReckonerTabs, soon } from '$features/reckoner/shared'
  import FilmFields from './FilmFields.svelte'
  import { Grease } from './grease.svelte'
  import GreaseResult from './GreaseResult.svelte'
  import PairTable from './PairTable.svelte'

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
      <p class="rounded-plate bg-brass-wash px-3 py-2" role="note">
        <b>A worked example:</b> a usual hub of its kind. Say what yours is.
      </p>
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
      <NumberField
        label="Coldest day"
        inputmode="text"
        bind:value={grease.coldest}
        oninput={ask}
        error={grease.fieldError('coldest.number')}
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
    {#if ofWheelEnd}
      <p class="text-label text-ink2">
        {grease.inIt
          ? grease.inIt.known
            ? `On record: ${grease.inIt.name}, ${day(grease.inIt.at)}.`
            : `Greased ${day(grease.inIt.at)}, and nobody wrote down with what.`
          : 'Nothing on record: unknown grease is cleaned out.'}
      </p>
    {/if}
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
      <NumberField
        label="One stroke of the gun, cm³"
        class="w-40"
        bind:value={grease.stroke}
        oninput={ask}
        error={grease.fieldError('stroke')}
      />
    </div>
    {#if grease.guns.length > 0}
      <div class="flex flex-wrap items-center gap-2">
        <span class="text-label font-semibold">Our guns:</span>
        {#each grease.guns as gun (gun.id)}
          <button
            type="button"
            class="min-h-11 rounded-plate border border-ink bg-sheet px-3 text-label font-semibold hover:bg-tray"
            onclick={() => {
              grease.stroke = String(gun.stroke ?? '')
              void grease.ask()
            }}>{gun.name}, {gun.stroke} cm³</button
          >
        {/each}
      </div>
    {/if}
    <FilmFields {grease} onedit={ask} />
  </section>
  <div class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5">
    {#if grease.problem && grease.problem.errors.length === 0}
      <ProblemCard title={grease.problem.title}><p>{grease.problem.detail}</p></ProblemCard>
    {/if}
    {#if grease.found}<GreaseResult found={grease.found} code={grease.code} />{/if}
    {#if grease.reference}
      <PairTable pairs={grease.reference.pairs} old={grease.old} fresh={grease.thickener} />
    {/if}
  </div>
</div>
