<script lang="ts">
  import type { Schemas } from '$api/request'
  import { display, leadingLength } from '$features/display'
  import { shapeOf } from '$features/nut-dial/state'
  import { Mark } from '$ui/mark'
  import { across, strip } from './strips'

  type Full = Schemas['SettingChartView']
  /** A hub's chart; of a pair alone there is neither a setting nor a stop. */
  type Drawn = Pick<Full, 'points' | 'windowLeast' | 'windowMost'> &
    Partial<Pick<Full, 'standsAt' | 'verdict' | 'here' | 'stops'>>

  interface Props {
    chart: Drawn
  }

  let { chart }: Props = $props()

  /** As many units as pixels, so that the words keep their size on a phone. */
  let shown = $state(710)
  const wide = $derived(Math.max(220, shown - 70))
  const metric = $derived(display.leading === 'metric')
  const degrees = $derived(metric ? 'celsius' : 'fahrenheit')
  const x = $derived(across(chart.points, wide))
  const strips = $derived([
    strip(
      chart.points,
      { label: 'life, against that at no play', unit: '', top: 0, height: 220, fromZero: true },
      (point) => point.life.likely,
      wide,
      (point) => point.life,
    ),
    strip(
      chart.points,
      {
        label: 'what the setting warms the hub by',
        unit: metric ? '°C' : '°F',
        top: 256,
        height: 92,
        fromZero: true,
      },
      (point) => point.added.likely[degrees],
      wide,
      (point) => ({ least: point.added.least[degrees], most: point.added.most[degrees] }),
    ),
    strip(
      chart.points,
      {
        label: 'rock at the tyre',
        unit: metric ? 'mm' : 'thou',
        top: 384,
        height: 92,
        fromZero: true,
      },
      (point) => (metric ? point.rock.millimetres : point.rock.thousandths),
      wide,
    ),
  ])
  const bottom = 476
  const window = $derived({
    from: x(chart.windowMost.millimetres),
    to: x(chart.windowLeast.millimetres),
  })
  /** Stops of this hub's lock that fall on the chart. */
  const stops = $derived(
    (chart.stops ?? [])
      .map((stop) => ({ ...stop, at: x(stop.endPlay.millimetres) }))
      .filter((stop) => stop.at >= 0 && stop.at <= wide),
  )
  const stands = $derived(chart.standsAt ? x(chart.standsAt.millimetres) : null)
  /** Below the marks of stops and of where it stands, where there are any. */
  const scale = $derived(bottom + (stops.length > 0 || stands !== null ? 66 : 26))
  /** Play every 0.05 mm or 2 thou, every other of them where they would touch. */
  const plays = $derived.by(() => {
    const step = metric ? { millimetres: 0.05, label: 0.05 } : { millimetres: 0.0508, label: 2 }
    const [loosest = 0, tightest = 0] = x.domain()
    const every = (wide * step.millimetres) / (loosest - tightest) < 48 ? 2 : 1
    const first = Math.ceil(tightest / step.millimetres / every)
    const count = Math.floor(loosest / step.millimetres / every) - first + 1
    return Array.from({ length: count }, (_, i) => {
      const n = (first + i) * every
      const label = (n * step.label).toFixed(metric ? 2 : 0).replace('-', '−')
      return { x: x(n * step.millimetres), label }
    })
  })
</script>

<div bind:clientWidth={shown}>
  <svg
    viewBox={`-52 -34 ${wide + 70} ${scale + 46}`}
    class="block w-full"
    role="img"
    aria-label={`Life, what the setting adds to the hub’s warmth, and rock against end play. ${chart.standsAt ? `The hub stands at ${leadingLength(chart.standsAt)}; the` : 'The'} window is ${leadingLength(chart.windowLeast)} to ${leadingLength(chart.windowMost)}.`}
  >
    <rect
      x={window.from}
      y="-10"
      width={window.to - window.from}
      height={bottom + 10}
      class="fill-verdigris-wash"
    />
    <path
      d={`M${window.from} -10V${bottom}M${window.to} -10V${bottom}`}
      class="stroke-verdigris"
      stroke-width="1.5"
    />
    <text
      x={(window.from + window.to) / 2}
      y="-16"
      text-anchor="middle"
      font-size="13"
      class="fill-verdigris font-semibold">window</text
    >
    {#each strips as one (one.label)}
      <path
        d={`M0 ${one.top}V${one.top + one.height}H${wide}`}
        class="stroke-ink"
        fill="none"
        stroke-width="1.5"
      />
      {#each one.ticks as tick (tick.value)}
        <path d={`M-6 ${tick.y}H0`} class="stroke-ink" />
        <text x="-10" y={tick.y + 4.5} text-anchor="end" font-size="13" class="num"
          >{tick.value}</text
        >
      {/each}
      {#if one.band}<path d={one.band} class="fill-tray" />{/if}
      <path d={one.line} class="stroke-ink" fill="none" stroke-width="2.4" />
      <text
        x={one.falls ? wide - 4 : 8}
        y={one.top + (one.height > 100 ? 16 : 14)}
        text-anchor={one.falls ? 'end' : 'start'}
        font-size="14"
        class="font-semibold">{one.label}{one.unit ? `, ${one.unit}` : ''}</text
      >
    {/each}
    {#each stops as stop (stop.degrees)}
      <path
        d={`M${stop.at} -10V${bottom}`}
        class="stroke-ink"
        stroke-width="1"
        stroke-dasharray="6 4"
      />
      <Mark shape={shapeOf[stop.verdict]} size={18} x={stop.at - 9} y={bottom + 9} />
    {/each}
    {#if stops.length > 0}
      <text x="-48" y={bottom + 22} font-size="13">stops</text>
    {/if}
    {#if stands !== null}
      <path d={`M${stands} -10V${bottom}`} class="stroke-ink" stroke-width="2.6" />
      {#if chart.here}
        {#each strips as one (one.label)}
          <circle
            cx={stands}
            cy={one.y(one.of(chart.here))}
            r="6"
            class="fill-sheet stroke-ink"
            stroke-width="2.4"
          />
        {/each}
      {/if}
      {#if chart.verdict}
        <Mark shape={shapeOf[chart.verdict]} size={28} x={stands - 14} y={bottom + 4} />
      {/if}
    {/if}
    {#each plays as play (play.label)}
      <path d={`M${play.x} ${bottom}v7`} class="stroke-ink" />
      <text x={play.x} y={scale} text-anchor="middle" font-size="13" class="num">{play.label}</text>
    {/each}
    <text x="-48" y={scale} font-size="13">{metric ? 'mm' : 'thou'}</text>
  </svg>
</div>

<style>
  .num {
    font-family: var(--font-num);
  }
</style>
