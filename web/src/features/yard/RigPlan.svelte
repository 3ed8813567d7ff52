<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark } from '$ui/mark'
  import { planOf } from './rig-outline'
  import { states } from './states'

  interface Props {
    rig: Schemas['YardRigView']
    /** Pixels for a millimetre; the same for every rig of the yard. */
    scale: number
  }

  let { rig, scale }: Props = $props()

  const MARK = 28
  const TYRE = { width: 210, length: 680 }
  const RAMP = 0.24 // ramps and spare wheels reach this far behind the body

  const halfTrack = $derived(Math.max(...rig.axles.map((axle) => axle.trackMillimetres)) / 2)
  const half = $derived(Math.max(halfTrack + TYRE.width, rig.widthMillimetres / 2) + MARK / scale)
  const front = $derived(-rig.drawbarMillimetres - 260)
  const height = $derived(rig.lengthMillimetres * (1 + RAMP / 2) - front)
  const pixels = $derived({ width: half * 2 * scale, height: height * scale })
  /** Marks of axles that stand close are moved apart; a leader goes back to the wheel. */
  const markLines = $derived.by(() => {
    const room = (MARK + 3) / scale
    const lines = rig.axles.map((axle) => axle.fromFrontMillimetres)
    const middle = lines.reduce((sum, y) => sum + y, 0) / lines.length
    const tight = lines.some((y, i) => i > 0 && y - (lines[i - 1] ?? 0) < room)
    return tight ? lines.map((_, i) => middle + (i - (lines.length - 1) / 2) * room) : lines
  })
  const wordOf = (end: Schemas['StandingView']): string =>
    states[end.state].word + (end.openJobId ? ', job open' : '')
  const widths = { cut: 2.2, edge: 1.4, thin: 0.8, ghost: 1 }
</script>

<svg
  width={pixels.width}
  height={pixels.height}
  viewBox={`${-half} ${front} ${half * 2} ${height}`}
  role="group"
  aria-label={`${rig.name} in plan`}
  class="overflow-visible"
>
  {#each rig.axles as axle (axle.position)}
    <path
      d={`M${-axle.trackMillimetres / 2} ${axle.fromFrontMillimetres}H${axle.trackMillimetres / 2}`}
      class="stroke-ink"
      stroke-width={2.2 / scale}
    />
    {#each axle.wheelEnds as end (end.id)}
      {@const at = ((end.side === 'LEFT' ? -1 : 1) * axle.trackMillimetres) / 2}
      <rect
        x={at - TYRE.width / 2}
        y={axle.fromFrontMillimetres - TYRE.length / 2}
        width={TYRE.width}
        height={TYRE.length}
        rx="50"
        class="fill-tray stroke-ink"
        stroke-width={1.4 / scale}
      />
    {/each}
  {/each}
  {#each planOf(rig) as line, i (i)}
    <path
      d={line.d}
      fill={line.weight === 'cut' && line.d.endsWith('Z') ? 'var(--color-sheet)' : 'none'}
      fill-opacity="0.6"
      class="stroke-ink"
      stroke-width={widths[line.weight] / scale}
      stroke-dasharray={line.weight === 'ghost' ? `${6 / scale} ${4 / scale}` : undefined}
      stroke-linejoin="round"
    />
  {/each}
  {#each rig.axles as axle, i (axle.position)}
    {@const y = markLines[i] ?? axle.fromFrontMillimetres}
    {#each axle.wheelEnds as end (end.id)}
      {@const side = end.side === 'LEFT' ? -1 : 1}
      {@const size = MARK / scale}
      {@const x = side * (axle.trackMillimetres / 2 + TYRE.width / 2) + (side < 0 ? -size : 0)}
      <a href={`/wheel-ends/${end.id}`} aria-label={`${rig.name}, ${end.position}: ${wordOf(end)}`}>
        <title>{end.position}: {wordOf(end)}</title>
        <rect {x} y={y - size / 2} width={size} height={size} fill="transparent" />
        {#if end.openJobId}
          <rect
            x={x - 3 / scale}
            y={y - size / 2 - 3 / scale}
            width={size + 6 / scale}
            height={size + 6 / scale}
            class="fill-grease-wash stroke-grease"
            stroke-width={1.8 / scale}
            stroke-dasharray={`${5 / scale} ${3 / scale}`}
          />
        {/if}
        <Mark shape={states[end.state].shape} {size} {x} y={y - size / 2} />
      </a>
    {/each}
  {/each}
</svg>
