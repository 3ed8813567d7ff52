<script lang="ts">
  import { Hatch } from '$ui/hatch'
  import {
    around,
    frameOf,
    hatches,
    hatchFor,
    pathOf,
    type HatchName,
    type PartName,
    type SectionView,
  } from './drawing'

  interface Props {
    section: SectionView
    /** What the hand has to do with now. */
    parts: readonly PartName[]
    title: string
    class?: string
  }

  let { section, parts, title, class: extra }: Props = $props()

  const id = $props.id()
  const patterns = Object.keys(hatches) as HatchName[]
  const frame = $derived(frameOf(section))
  const view = $derived(around(section, parts, frame))
  const shown = $derived(section.parts.filter((part) => part.name !== 'CAVITY'))
  /** Letters and lines as large as on the drawings beside it, however close it looks. */
  const pixel = $derived(view.width / 320)
</script>

<figure class={['rounded-plate border border-ink bg-sheet', extra]}>
  <svg
    viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
    role="img"
    aria-label={`${title}: half-section of this wheel end, outboard left, inboard right`}
    class="block w-full"
    stroke-linejoin="round"
  >
    <defs>
      {#each patterns as name (name)}
        <Hatch id={`${id}-${name}`} {...hatches[name]} />
      {/each}
    </defs>
    {#each shown as part (part.name)}
      {@const inHand = parts.includes(part.name)}
      {#each part.outlines as outline, i (i)}
        {@const d = pathOf(outline, frame)}
        <path {d} class={inHand ? 'fill-grease-wash' : 'fill-sheet'} />
        {#if outline.look === 'CUT'}<path {d} fill={`url(#${id}-${hatchFor(part.name)})`} />{/if}
        <path
          {d}
          class={['fill-none', inHand ? 'stroke-grease' : 'stroke-ink']}
          stroke-width={(inHand ? 3.4 : 1.6) * pixel}
        />
      {/each}
    {/each}
    <g font-size={14 * pixel} aria-hidden="true">
      <!-- over hatching they could not be read -->
      <path
        d={`M${view.x} ${view.y}h${76 * pixel}v${22 * pixel}h${-76 * pixel}ZM${view.x + view.width} ${view.y}h${-68 * pixel}v${22 * pixel}h${68 * pixel}Z`}
        class="fill-sheet"
      />
      <g class="fill-ink font-semibold">
        <text x={view.x + 6 * pixel} y={view.y + 15 * pixel}>outboard</text>
        <text x={view.x + view.width - 6 * pixel} y={view.y + 15 * pixel} text-anchor="end"
          >inboard</text
        >
      </g>
    </g>
  </svg>
  <figcaption class="border-t border-rule px-2 py-1 text-label font-semibold">{title}</figcaption>
</figure>
