<script lang="ts">
  import { Hatch } from '$ui/hatch'
  import { plates, type PlateId } from './all'
  import { looks, type Look, type Plate } from './shapes'

  interface Props {
    id: PlateId
    class?: string
  }

  let { id, class: extra }: Props = $props()

  const uid = $props.id()
  const plate: Plate = $derived(plates[id])

  const widths: Partial<Record<Look, number>> = {
    arrow: 4,
    good: 6,
    thin: 1.4,
    line: 2.4,
    mark: 2.6,
  }
  const hatch: Partial<Record<Look, string>> = {
    cut: `url(#${uid}-cut)`,
    ring: `url(#${uid}-ring)`,
  }
</script>

<figure class={['rounded-plate border border-ink bg-sheet', extra]}>
  <svg viewBox="0 0 320 200" role="img" aria-label={plate.alt} class="block w-full">
    <defs>
      <Hatch id={`${uid}-cut`} angle={45} spacing={7} />
      <Hatch id={`${uid}-ring`} angle={-45} spacing={4} />
      <marker
        id={`${uid}-head`}
        viewBox="0 0 10 10"
        refX="6"
        refY="5"
        markerWidth="3.6"
        markerHeight="3.6"
        orient="auto-start-reverse"
      >
        <path d="M0 0 10 5 0 10Z" class="fill-grease" />
      </marker>
    </defs>
    {#each plate.shapes as shape, i (i)}
      <path
        d={shape.d}
        class={[looks[shape.as], shape.slides && 'plate-slides']}
        style={shape.slides ? `--dx:${shape.slides[0]}px;--dy:${shape.slides[1]}px` : undefined}
        fill={hatch[shape.as]}
        fill-rule="evenodd"
        stroke-width={widths[shape.as] ?? 1.8}
        stroke-linejoin="round"
        stroke-dasharray={shape.as === 'ghost' ? '5 4' : undefined}
        marker-end={shape.as === 'arrow' ? `url(#${uid}-head)` : undefined}
      />
    {/each}
    {#each plate.words ?? [] as word (word.says)}
      <text
        x={word.at[0]}
        y={word.at[1]}
        class="fill-ink text-[14px] font-semibold"
        aria-hidden="true">{word.says}</text
      >
    {/each}
  </svg>
  <figcaption class="border-t border-rule px-2 py-1 text-label font-semibold">
    {plate.title}
  </figcaption>
</figure>

<style>
  @media (prefers-reduced-motion: no-preference) {
    .plate-slides {
      animation: plate-slides 1.6s ease-in-out infinite alternate;
    }
  }
  @keyframes plate-slides {
    to {
      transform: translate(var(--dx), var(--dy));
    }
  }
</style>
