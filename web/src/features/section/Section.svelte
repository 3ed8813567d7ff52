<script lang="ts">
  import { leadingSize } from '$features/display'
  import { Hatch } from '$ui/hatch'
  import {
    alongTheAxis,
    frameOf,
    hatches,
    hatchFor,
    lettersOf,
    type HatchName,
    type PartName,
    type PartStatus,
    type SectionView,
  } from './drawing'
  import SectionPart from './SectionPart.svelte'

  interface Props {
    section: SectionView
    label: string
    picked: PartName | null
    onpick: (part: PartName) => void
    status?: Partial<Record<PartName, PartStatus>>
    /** Whether grease or oil stands in the cavity. */
    filled?: boolean
    /** Cuts off studs and brake, for narrow screens. */
    onlyBearings?: boolean
    /** Whether parts drawn from sizes nobody measured are dashed; on the bench a dash says where a part is. */
    showAssumed?: boolean
    class?: string
  }

  let {
    section,
    label,
    picked,
    onpick,
    status = {},
    filled = true,
    onlyBearings = false,
    showAssumed = true,
    class: extra,
  }: Props = $props()

  const id = $props.id()
  let svg = $state.raw<SVGSVGElement | null>(null)

  const frame = $derived(frameOf(section, onlyBearings))
  const order = $derived(alongTheAxis(section.parts))
  const letters = $derived(lettersOf(section, frame))
  const faces = $derived(section.measures.find((measure) => !measure.diameter))
  const axis = $derived(frame.y(0))
  const patterns = Object.keys(hatches) as HatchName[]
  /** The one part Tab stops at; arrows go on from there. */
  const stop = $derived(picked ?? order[0])

  function walk(event: KeyboardEvent, from: PartName): void {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
    if (!by) return
    event.preventDefault()
    event.stopPropagation()
    const next = order[(order.indexOf(from) + by + order.length) % order.length]
    if (!next) return
    onpick(next)
    svg?.querySelector<SVGGElement>(`[data-part="${next}"]`)?.focus()
  }

  /** The drawing as it stands, to be saved. */
  export function element(): SVGSVGElement | null {
    return svg
  }
</script>

<svg
  bind:this={svg}
  viewBox={`0 0 ${frame.width} ${frame.height}`}
  role="group"
  aria-label={label}
  class={['block w-full overflow-hidden', extra]}
>
  <defs>
    {#each patterns as name (name)}
      <Hatch id={`${id}-${name}`} {...hatches[name]} />
    {/each}
    <Hatch id={`${id}-worn`} angle={45} spacing={6} tone="oxide" weight={1.1} />
    <Hatch id={`${id}-new`} angle={-45} spacing={6} tone="verdigris" weight={0.9} />
  </defs>
  {#each section.parts as part (part.name)}
    <SectionPart
      {part}
      {frame}
      fills={id}
      hatch={hatchFor(part.name)}
      status={status[part.name]}
      {filled}
      {showAssumed}
      picked={picked === part.name}
      reachable={stop === part.name}
      {onpick}
      onwalk={walk}
    />
  {/each}
  <path d={`M0 ${axis}H${frame.width}`} class="stroke-line" stroke-dasharray="22 4 4 4" />
  <g class="fill-none stroke-line" aria-hidden="true">
    {#each letters as { letter, x, at, top } (letter)}
      <path d={`M${at} ${top}V${axis + 8}L${x} ${axis + 17}`} stroke-dasharray="2 3" />
    {/each}
    {#if faces}
      {@const from = frame.x(faces.from.x)}
      {@const to = frame.x(faces.to.x)}
      <path d={`M${from} ${axis + 46}V${axis + 70}M${to} ${axis + 46}V${axis + 70}`} />
      <path
        d={`M${from} ${axis + 60}H${to}M${from + 10} ${axis + 55}L${from} ${axis + 60}L${from + 10} ${axis + 65}M${to - 10} ${axis + 55}L${to} ${axis + 60}L${to - 10} ${axis + 65}`}
        class="stroke-ink2"
      />
    {/if}
  </g>
  <g class="text-[17px]" aria-hidden="true">
    {#each letters as { letter, x } (letter)}
      <text {x} y={axis + 34} text-anchor="middle" font-weight="700">{letter}</text>
    {/each}
    {#if faces}
      {@const middle = (frame.x(faces.from.x) + frame.x(faces.to.x)) / 2}
      <rect x={middle - 62} y={axis + 49} width="124" height="22" class="fill-sheet" />
      <text x={middle} y={axis + 66} text-anchor="middle"
        >{leadingSize(faces.length)}{faces.assumed ? ' ?' : ''}</text
      >
    {/if}
  </g>
</svg>
