<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    drawing: Schemas['SealDrawingView']
  }

  let { drawing }: Props = $props()

  const id = $props.id()
  const looks = {
    CASE: 'fill-sheet',
    RUBBER: 'fill-ink2',
    SPRING: 'fill-sheet',
    SLEEVE: 'fill-sheet',
  } as const
  /** Drawing room around it, in parts of its own height. */
  const box = $derived.by(() => {
    const points = drawing.pieces.flatMap((piece) => piece.points)
    const xs = points.filter((_, i) => i % 2 === 0)
    const ys = points.filter((_, i) => i % 2 === 1)
    const low = Math.min(...ys)
    const high = Math.max(...ys)
    const right = Math.max(...xs)
    const room = high - low
    return { low, high, right, room, stroke: room / 90 }
  })
  const pathOf = (points: readonly number[]): string =>
    points
      .map((value, i) => (i % 2 === 0 ? `${i === 0 ? 'M' : 'L'}${value}` : `${-value}`))
      .join(' ') + 'Z'
  const [x0, y0, , y1] = $derived(drawing.driven)
</script>

<!-- grease on the left, the road on the right, the spindle below -->
<svg
  viewBox={`${-box.room * 0.85} ${-box.high - box.room * 0.32} ${box.right + box.room * 1.9} ${box.room * 1.72}`}
  class="w-full max-w-[420px]"
  role="img"
  aria-label="The seal in half-section: its spring side to the grease on the left, a driver on the edge of its case on the right"
>
  <defs>
    <pattern
      id={`${id}-cut`}
      width={box.room / 12}
      height={box.room / 12}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <line y2={box.room / 12} class="stroke-ink" stroke-width={box.stroke} />
    </pattern>
  </defs>
  <rect
    x={-box.room * 0.85}
    y={-box.high - box.room * 0.32}
    width={box.room * 0.85}
    height={box.room * 1.37}
    class="fill-grease-wash"
  />
  <rect
    x={-box.room * 0.5}
    y={-box.high - box.room * 0.24}
    width={box.right + box.room * 0.5}
    height={box.room * 0.24}
    fill={`url(#${id}-cut)`}
    class="stroke-ink"
    stroke-width={box.stroke}
  />
  <rect
    x={-box.room * 0.85}
    y={-box.low}
    width={box.right + box.room * 1.9}
    height={box.room * 0.3}
    class="fill-tray stroke-ink"
    stroke-width={box.stroke}
  />
  {#each drawing.pieces as piece, i (i)}
    <path
      d={pathOf(piece.points)}
      class={`${looks[piece.what]} stroke-ink`}
      stroke-width={box.stroke * 1.3}
    />
    {#if piece.what === 'CASE' || piece.what === 'SLEEVE'}
      <path d={pathOf(piece.points)} fill={`url(#${id}-cut)`} />
    {/if}
  {/each}
  {#if x0 !== undefined && y0 !== undefined && y1 !== undefined}
    <rect
      x={x0}
      y={-Math.max(y0, y1)}
      width={box.room * 0.5}
      height={Math.abs(y0 - y1)}
      class="fill-verdigris-fill stroke-ink"
      stroke-width={box.stroke * 1.3}
    />
    <text
      x={x0 + box.room * 0.56}
      y={-(y0 + y1) / 2 + box.room * 0.04}
      font-size={box.room * 0.12}
      class="font-semibold">driver</text
    >
  {/if}
  <text
    x={-box.room * 0.8}
    y={-box.low - box.room * 0.42}
    font-size={box.room * 0.13}
    class="font-semibold">grease</text
  >
  <text
    x={box.right + box.room * 0.5}
    y={-box.low - box.room * 0.12}
    font-size={box.room * 0.13}
    class="font-semibold">road</text
  >
  <text x={-box.room * 0.8} y={-box.low + box.room * 0.2} font-size={box.room * 0.12}
    >spindle, land</text
  >
</svg>
