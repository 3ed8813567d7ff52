<script lang="ts">
  import type { Schemas } from '$api/request'
  import { loose } from './loose-parts'

  interface Props {
    part: Schemas['TrayView']['part']
    drawn: Schemas['TrayView']['drawn']
    section: Schemas['SectionView'] | null
    inHand: boolean
  }

  let { part, drawn, section, inHand }: Props = $props()

  const BOX = 84

  /** Cut open above the axis, whole below it, from the numbers of this hub. */
  const own = $derived.by(() => {
    const only: readonly string[] = drawn.filter((name) => name !== 'CAVITY' && name !== 'STUD')
    const outlines = (section?.parts ?? [])
      .filter((one) => only.includes(one.name))
      .flatMap((one) => one.outlines)
    if (outlines.length === 0 || loose[part]) return null
    const xs = outlines.flatMap((outline) => outline.points.filter((_, i) => i % 2 === 0))
    const ys = outlines.flatMap((outline) => outline.points.filter((_, i) => i % 2 === 1))
    const [left, right, top] = [Math.min(...xs), Math.max(...xs), Math.max(...ys)]
    const scale = Math.min(BOX / (right - left), BOX / (2 * top), 2.4)
    const cut = outlines
      .map((outline) => {
        const points: string[] = []
        for (let i = 0; i + 1 < outline.points.length; i += 2) {
          const x = ((outline.points[i] ?? 0) - (left + right) / 2) * scale
          points.push(`${x.toFixed(1)} ${(-(outline.points[i + 1] ?? 0) * scale).toFixed(1)}`)
        }
        return `M${points.join('L')}Z`
      })
      .join('')
    return { cut, half: ((right - left) / 2) * scale, top: top * scale }
  })
</script>

<svg
  viewBox="-46 -46 92 92"
  class="my-1 h-[88px] w-full"
  aria-hidden="true"
  stroke-linejoin="round"
  fill="none"
>
  <path d="M-46 0H46" class="stroke-line" stroke-dasharray="10 3 2 3" />
  <g
    class={[inHand ? 'fill-grease-wash stroke-grease' : 'fill-sheet stroke-ink']}
    stroke-width="1.7"
    stroke-dasharray={inHand ? '6 3' : undefined}
  >
    {#if own}
      <rect x={-own.half} y={-own.top} width={own.half * 2} height={own.top * 2} />
      <path d={own.cut} class={inHand ? '' : 'fill-tray'} />
    {:else}
      <path d={loose[part] ?? loose.SHIMS} fill-rule="evenodd" />
    {/if}
  </g>
</svg>
