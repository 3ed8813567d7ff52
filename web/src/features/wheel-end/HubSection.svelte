<script lang="ts">
  import { savePng, saveSvg, Section } from '$features/section'
  import { placeOf, places } from './fitted'
  import type { WheelEnd } from './wheel-end.svelte'

  interface Props {
    end: WheelEnd
  }

  let { end }: Props = $props()

  let drawing = $state.raw<{ element: () => SVGSVGElement | null } | null>(null)
  let narrow = $state(globalThis.matchMedia?.('(max-width: 639px)').matches ?? false)

  const name = $derived(`${end.view?.rigName ?? ''} ${end.view?.position ?? ''} section`)
  const part = $derived(end.section?.parts.find((one) => one.name === end.picked) ?? null)
  const place = $derived(end.picked ? placeOf(end.picked) : null)
  const fitted = $derived(
    end.parts.find((one) => one.place === place && one.removedOn === undefined) ?? null,
  )
  /** Bearings whose numbers were read, of sets nobody has sizes of. */
  const unknown = $derived(end.parts.filter((one) => one.removedOn === undefined && !one.onFile))
  const placeWords = $derived(places.find((one) => one.place === place)?.words ?? '')

  function save(how: (svg: SVGSVGElement, name: string) => void): void {
    const svg = drawing?.element()
    if (svg) how(svg, name)
  }

  const tool =
    'min-h-9 rounded-plate border border-ink bg-sheet px-2.5 text-label font-semibold hover:bg-tray'
</script>

{#if end.section}
  {@const section = end.section}
  <div class="rounded-plate border border-ink bg-sheet">
    <Section
      bind:this={drawing}
      {section}
      label={`Half-section of ${end.view?.rigName ?? ''}, ${end.view?.position ?? ''}`}
      picked={end.picked}
      onpick={(next) => {
        end.picked = next
      }}
      status={end.status}
      filled={end.view?.build.cavity !== 'EMPTY'}
      onlyBearings={narrow}
    />
    <div
      class="flex min-h-14 flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule px-3 py-1.5"
    >
      <p class="min-w-0 flex-1 basis-52 leading-tight" aria-live="polite">
        {#if part}
          <span class="type-card">{part.words}</span>
          <span class="text-label text-ink2">
            {#if fitted}
              {fitted.words}{fitted.batch ? `, batch ${fitted.batch}` : ''}
            {:else if place}
              no {placeWords} on record
            {/if}
            {part.assumed ? ' · dashed: drawn from the usual size' : ''}
          </span>
        {:else}
          <span class="text-label text-ink2"
            >Outboard is left. Touch a part, or go along with <b>← →</b>, to see what it is.{section.brakeMovedIn
              ? ' Drum and disc are moved in.'
              : ''}</span
          >
        {/if}
      </p>
      <button type="button" class={[tool, 'tab:hidden']} onclick={() => (narrow = !narrow)}
        >{narrow ? 'Whole hub' : 'Bearings only'}</button
      >
      <button type="button" class={tool} onclick={() => save(saveSvg)}>Save SVG</button>
      <button
        type="button"
        class={tool}
        onclick={() => save((svg, title) => void savePng(svg, title))}>Save PNG</button
      >
    </div>
  </div>
  {#if !section.bearingsKnown}
    <p class="text-label text-ink2">
      {unknown.length > 0
        ? `${unknown.map((one) => one.words).join(' and ')} ${unknown.length > 1 ? 'are' : 'is'} not on file:`
        : 'The bearings are not read yet:'} drawn as {section.inboardSet} inboard and {section.outboardSet}
      outboard, the usual ones, and nothing is worked out from them.
      <a href={`/reckoner?wheelEnd=${end.id}`}>Find out which they are</a>
    </p>
  {/if}
{/if}
