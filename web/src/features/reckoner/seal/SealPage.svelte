<script lang="ts">
  import { onMount } from 'svelte'
  import { WithSizes } from '$features/calliper'
  import { leadingSize, otherSize } from '$features/display'
  import { Choice } from '$ui/choice'
  import { Mark } from '$ui/mark'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import CapCard from './CapCard.svelte'
  import { Begins, ReckonerTabs, soon, units } from '$features/reckoner/shared'
  import LandCard from './LandCard.svelte'
  import { Seals } from './seal.svelte'
  import SealCard from './SealCard.svelte'

  const seals = new Seals()
  const { seal } = seals
  const ask = soon(() => seals.askAll())
  const kinds = [
    { value: 'LIP', label: 'lip' },
    { value: 'DOUBLE_LIP', label: 'double lip' },
    { value: 'MARINE_TWO_PIECE', label: 'two-piece marine' },
    { value: 'UNITIZED', label: 'unitized' },
  ] as const
  onMount(() => void seals.begin())

  const makeUp = [
    { key: 'rimmed', label: 'with a rim' },
    { key: 'coated', label: 'coated outside' },
  ] as const
</script>

<svelte:head><title>Seal and cap · Old Tallow</title></svelte:head>

<ReckonerTabs />
<div class="desk:grid desk:h-[calc(100dvh-95px)] desk:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
  <div
    class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <div class="flex flex-wrap items-center justify-between gap-3">
      <h1 class="type-h">Which seal goes here, and which way?</h1>
      <Choice
        label="Unit of the readings"
        options={units}
        value={seals.unit}
        onchange={(unit) => {
          seals.unit = unit
          if (seals.from === 'EXAMPLE') seals.example()
          else seals.askAll()
        }}
      />
    </div>
    <Begins from={seals.from} onown={() => seals.clear()}>
      <WithSizes drawing="seal">
        <div class="grid grid-cols-3 gap-3">
          <NumberField
            label="Land it runs on"
            data-size="land"
            data-reading="set"
            bind:value={seal.land}
            oninput={ask}
            error={seal.fieldError('land.number')}
          />
          <NumberField
            label="Bore of the hub"
            data-size="bore"
            bind:value={seal.bore}
            oninput={ask}
            error={seal.fieldError('bore.number')}
          />
          <NumberField
            label="Width"
            data-size="width"
            hint="of the old one"
            bind:value={seal.width}
            oninput={ask}
            error={seal.fieldError('width.number')}
          />
        </div>
      </WithSizes>
    </Begins>
    <div class="flex flex-wrap items-end gap-3">
      <Pick
        label="Kind"
        class="min-w-48 flex-1"
        options={kinds}
        value={seal.kind}
        onchange={(kind) => {
          seal.kind = kind
          seals.askAll()
        }}
      />
      {#each makeUp as one (one.key)}
        <label
          class="flex min-h-11 cursor-pointer items-center gap-2 rounded-plate border border-ink bg-sheet px-3 font-semibold"
        >
          <input
            type="checkbox"
            class="size-5 accent-grease-fill"
            bind:checked={seal[one.key]}
            onchange={() => seals.askAll()}
          />
          {one.label}
        </label>
      {/each}
    </div>
    <LandCard land={seals.land} onedit={ask} />
    <CapCard cap={seals.cap} onedit={ask} />
  </div>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex (it scrolls, and nothing in it takes the focus) -->
  <section
    aria-label="What comes of it"
    tabindex="0"
    class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5"
  >
    {#if seal.found}
      {@const found = seal.found}
      <SealCard seal={found.place} />
      <section aria-labelledby="sizes" class="border-t-2 border-ink pt-3">
        <h2 id="sizes" class="type-h">Ask for</h2>
        {#each found.onShelf as one (one.designation)}
          <p class="flex items-center gap-2.5 py-0.5">
            <Mark shape={one.good > 0 ? 'good' : 'soon'} size={24} />
            <span
              ><b>{one.designation}</b>, {one.good > 0
                ? `${one.good} on the shelf`
                : 'on our list, none here'}</span
            >
          </p>
        {/each}
        {#each found.standard as one (`${one.size.shaft.millimetres} ${one.size.bore.millimetres}`)}
          <p class="flex items-center gap-2.5 py-0.5">
            <Mark shape={one.fits ? 'good' : 'never'} size={24} />
            <span
              ><b class="type-num"
                >{one.size.shaft.millimetres}×{one.size.bore.millimetres}×{one.size.width
                  ?.millimetres}</b
              >
              {one.fits
                ? 'fits: a standard size'
                : `${one.words}; off by ${leadingSize(one.off)} (${otherSize(one.off)})`}</span
            >
          </p>
        {/each}
        <p class="mt-1 text-label text-ink2">
          Standard metric sizes by ISO 6194-1, land h11, bore H8, from memory. Many hub seals are
          none of them: the number on the old one is surest. Always a new seal.
        </p>
      </section>
    {:else}
      <p class="max-w-[46ch] text-read">
        Measure the land on the spindle and the bore in the hub. You get the seal’s size, which side
        looks where, what may be pressed on, and which driver of yours will do.
      </p>
    {/if}
  </section>
</div>
