<script lang="ts">
  import type { Schemas } from '$api/request'
  import { day, millimetres } from '$features/display'
  import { shapeOf } from '$features/nut-dial/state'
  import { lineThrough } from '$ui/chart'
  import { Mark } from '$ui/mark'
  import { chartOf, leftWith } from './chart'

  interface Props {
    settings: Schemas['NutSettingView'][]
    today: Date
  }

  let { settings, today }: Props = $props()

  const chart = $derived(chartOf(settings, today, 560, 190))
  const line = $derived(lineThrough(chart.points, { x: (p) => p.x, y: (p) => p.y }))
</script>

<svg
  viewBox="-46 -16 616 236"
  class="block w-full"
  role="img"
  aria-label={`End play left at each of ${settings.length} settings: ${settings.map((s) => `${day(s.setAt)} ${millimetres(leftWith(s))}`).join('; ')}`}
>
  {#each chart.windows as window (window.key)}
    <rect
      x={window.x}
      y={window.y}
      width={window.width}
      height={window.height}
      class="fill-verdigris-wash"
    />
    <path
      d={`M${window.x} ${window.y}h${window.width}M${window.x} ${window.y + window.height}h${window.width}`}
      class="stroke-verdigris"
      stroke-width="1.5"
    />
  {/each}
  <path
    d={`M0 0V${chart.height}H${chart.width}`}
    class="stroke-ink"
    fill="none"
    stroke-width="1.5"
  />
  {#each chart.ticks as tick (tick.millimetres)}
    <path d={`M-6 ${tick.y}H0`} class="stroke-ink" />
    <text x="-9" y={tick.y + 4.5} text-anchor="end" font-size="13" class="num"
      >{tick.millimetres.toFixed(2)}</text
    >
  {/each}
  <text x="-44" y="-4" font-size="13">mm</text>
  {#each chart.years as year (year.label)}
    <path d={`M${year.x} ${chart.height}v8`} class="stroke-ink" stroke-width="2" />
    <text x={year.x + 5} y={chart.height + 18} font-size="13" class="num">{year.label}</text>
  {/each}
  <path d={line} class="stroke-ink" fill="none" stroke-width="1.5" stroke-dasharray="2 4" />
  {#each chart.points as point (point.setting.id)}
    <Mark shape={shapeOf[point.setting.verdict]} size={26} x={point.x - 13} y={point.y - 13} />
  {/each}
</svg>

<style>
  .num {
    font-family: var(--font-num);
  }
</style>
