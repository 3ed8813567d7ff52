<script lang="ts">
  import type { Schemas } from '$api/request'
  import { lineThrough, scaleLinear } from '$ui/chart'

  interface Props {
    warm: Schemas['WarmView']
  }

  let { warm }: Props = $props()

  const WIDTH = 560
  const HEIGHT = 210
  const COOLEST = 20
  const WARMEST = 120
  const dashes: Record<Schemas['ColdView']['cold'], string> = {
    ROOM: '2 4',
    FREEZER: '9 4',
    DRY_ICE: '0',
  }

  const heights = $derived(
    warm.colds.flatMap((cold) => cold.points.map((p) => p.clearanceMillimetres)),
  )
  const lowest = $derived(Math.min(...heights, -0.02))
  const highest = $derived(Math.max(...heights, 0.05))
  const x = scaleLinear([COOLEST, WARMEST], [0, WIDTH])
  const y = $derived(scaleLinear([lowest, highest], [HEIGHT, 0]))
  const line = (points: Schemas['WarmPointView'][]): string =>
    lineThrough(points, { x: (p) => x(p.hubCelsius), y: (p) => y(p.clearanceMillimetres) })
  const limit = $derived(Math.min(warm.limit.celsius, WARMEST))
  const ticks = x.ticks(5)
  const levels = $derived(y.ticks(3))
</script>

<svg
  viewBox="-52 -22 672 282"
  class="block w-full max-w-[46rem] flex-none"
  role="img"
  aria-label={`Clearance over hub temperature: ${warm.colds.map((cold) => `${cold.words} drops in from ${Math.round(cold.dropsInAt.celsius)} °C`).join('; ')}`}
>
  <rect
    x="0"
    y={y(highest)}
    width={x(limit)}
    height={Math.max(0, y(warm.dropIn.millimetres) - y(highest))}
    class="fill-verdigris-wash"
  />
  <text x="8" y="16" font-size="13" class="fill-verdigris font-semibold">drops in</text>
  {#each levels as level (level)}
    <path d={`M0 ${y(level)}H${WIDTH}`} class="stroke-rule" />
    <text x="-8" y={y(level) + 4.5} text-anchor="end" font-size="13" class="num">{level}</text>
  {/each}
  <text x="-50" y="-10" font-size="13">clearance, mm</text>
  <path d={`M0 ${y(0)}H${WIDTH}`} class="stroke-ink" stroke-width="1.5" />
  <path d={`M${x(limit)} 0V${HEIGHT}`} class="stroke-oxide" stroke-width="2" />
  <text
    x={limit > 100 ? x(limit) - 6 : x(limit) + 6}
    y={HEIGHT - 8}
    text-anchor={limit > 100 ? 'end' : 'start'}
    font-size="13"
    class="fill-oxide font-semibold">limit</text
  >
  {#each warm.colds as cold (cold.cold)}
    {@const last = cold.points.at(-1)}
    <path
      d={line(cold.points)}
      class="stroke-grease"
      fill="none"
      stroke-width="2.4"
      stroke-dasharray={dashes[cold.cold]}
    />
    {#if last}
      <text x={WIDTH + 4} y={y(last.clearanceMillimetres) + 4} font-size="12"
        >{cold.cold === 'DRY_ICE' ? 'dry ice' : cold.cold === 'FREEZER' ? 'freezer' : 'room'}</text
      >
    {/if}
  {/each}
  {#each ticks as tick (tick)}
    <path d={`M${x(tick)} ${HEIGHT}v6`} class="stroke-ink" />
    <text x={x(tick)} y={HEIGHT + 20} text-anchor="middle" font-size="13" class="num">{tick}</text>
  {/each}
  <path d={`M0 0V${HEIGHT}H${WIDTH}`} class="stroke-ink" fill="none" stroke-width="1.5" />
  <text x={WIDTH} y={HEIGHT + 38} text-anchor="end" font-size="13">hub temperature, °C</text>
</svg>

<style>
  .num {
    font-family: var(--font-num);
  }
</style>
