<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Hatch } from '$ui/hatch'
  import { point, R, ray, sector, type Hand } from '$features/nut-dial/state'

  interface Props {
    calculation: Schemas['NutCalculationView']
    hand: Hand
  }

  let { calculation, hand }: Props = $props()

  const id = $props.id()
  const ticks = Array.from({ length: 180 }, (_, i) => i * 2)
  const labels = Array.from({ length: 11 }, (_, i) => (i + 1) * 30)
  const window = $derived(calculation.window)
  const zero = $derived(calculation.zeroPlayDegrees)
  const end = $derived(calculation.rim.millimetres.at(-1)?.degrees ?? 105)
  const PRELOAD_SHOWN = 34
  const EDGE = 0.01 // degrees; a tick on the edge belongs to the arc
  const preload = $derived(point((R.scaleIn + R.scaleOut) / 2, zero - PRELOAD_SHOWN / 2, hand))
</script>

<defs>
  <Hatch id={`${id}-danger`} angle={45} spacing={7} tone="oxide" weight={1} />
  <Hatch id={`${id}-good`} angle={-60} spacing={5} tone="verdigris" weight={0.6} />
</defs>

<circle r={R.disc} class="fill-sheet" />
<circle r={R.ring} class="stroke-ink" fill="none" stroke-width="1.5" />
{#each ticks as tick (tick)}
  <path
    d={ray(R.ring - (tick % 30 === 0 ? 14 : tick % 10 === 0 ? 10 : 5), R.ring, tick, hand)}
    class={tick % 10 === 0 ? 'stroke-ink' : 'stroke-line'}
    stroke-width={tick % 30 === 0 ? 2 : 1}
  />
{/each}
{#each labels as label (label)}
  {@const p = point(R.label, label, hand)}
  <text x={p.x} y={p.y + 5} text-anchor="middle" class="num" fill-opacity="0.85" font-size="14"
    >{label}°</text
  >
{/each}

<path d={sector(R.scaleIn, R.scaleOut, zero - PRELOAD_SHOWN, zero, hand)} class="fill-oxide-wash" />
<path
  d={sector(R.scaleIn, R.scaleOut, zero - PRELOAD_SHOWN, zero, hand)}
  fill={`url(#${id}-danger)`}
  class="stroke-oxide"
  stroke-width="1.2"
/>
<path
  d={sector(
    R.scaleIn,
    R.scaleOut,
    window.fromDegrees,
    Math.max(window.toDegrees, window.fromDegrees + 0.4),
    hand,
  )}
  class="fill-verdigris-fill stroke-verdigris"
  stroke-width="1.5"
/>
{#if window.usableDegrees !== undefined}
  <path
    d={sector(R.scaleIn, R.scaleOut, window.toDegrees, window.usableDegrees, hand)}
    class="fill-brass-fill stroke-brass"
    stroke-width="1.5"
  />
{/if}
<circle r={R.scaleIn} class="stroke-ink" fill="none" stroke-width="1" />
<path
  d={sector(R.scaleOut, R.scaleOut + 0.01, zero, end, hand)}
  class="stroke-ink"
  fill="none"
  stroke-width="1.2"
/>

{#each calculation.rim.millimetres as tick (tick.number)}
  {@const inside =
    tick.degrees >= window.fromDegrees - EDGE && tick.degrees <= window.toDegrees + EDGE}
  <path
    d={ray(R.scaleOut - (tick.labelled ? 12 : 7), R.scaleOut, tick.degrees, hand)}
    class={inside ? 'stroke-on-grease' : 'stroke-ink'}
    stroke-width="1.4"
  />
  {#if tick.labelled && tick.number > 0}
    {@const p = point(R.scaleOut - 27, tick.degrees, hand)}
    <text
      x={p.x}
      y={p.y + 5}
      text-anchor="middle"
      class={['num', inside && 'inside']}
      font-size="15"
      font-weight="700">{tick.number}</text
    >
  {/if}
{/each}
{#each calculation.rim.thousandths as tick (tick.number)}
  <path
    d={ray(R.scaleIn - (tick.labelled ? 9 : 5), R.scaleIn, tick.degrees, hand)}
    class={tick.labelled ? 'stroke-ink' : 'stroke-line'}
    stroke-width="1.2"
  />
  {#if tick.labelled && tick.number > 0}
    {@const p = point(R.scaleIn - 20, tick.degrees, hand)}
    <text x={p.x} y={p.y + 4.5} text-anchor="middle" class="num" font-size="13.5"
      >{tick.number}</text
    >
  {/if}
{/each}
{#if end > 60}
  {@const outer = point(R.scaleOut - 27, end + 7, hand)}
  {@const inner = point(R.scaleIn - 20, end + 8, hand)}
  <text
    x={outer.x}
    y={outer.y + 5}
    text-anchor="middle"
    font-size="14"
    font-weight="700"
    class="num">mm</text
  >
  <text x={inner.x} y={inner.y + 5} text-anchor="middle" font-size="13" class="num">thou</text>
{/if}
<text
  x={preload.x}
  y={preload.y + 5}
  text-anchor="middle"
  font-size="15"
  font-weight="700"
  class="preload"
  transform={`rotate(${(hand === 'RIGHT' ? 1 : -1) * (PRELOAD_SHOWN / 2 - zero)} ${preload.x} ${preload.y})`}
>
  preload
</text>

<style>
  .num {
    font-family: var(--font-num);
  }
  .inside {
    fill: var(--color-on-grease);
  }
  .preload {
    fill: var(--color-oxide);
    paint-order: stroke;
    stroke: var(--color-oxide-wash);
    stroke-width: 6px;
  }
</style>
