<script lang="ts">
  import { scaleLinear } from '$ui/chart'
  import { Hatch } from '$ui/hatch'
  import { km, labels, road } from './road'
  import type { Plan } from './trip-plan.svelte'
  import { Wide } from '$ui/wide'

  interface Props {
    plan: Plan
  }

  let { plan }: Props = $props()

  const WIDTH = 1000
  const SIDE = 14
  const ROAD = 62
  const TALL = 22

  const id = $props.id()
  const legs = $derived(road(plan))
  const total = $derived(Math.max(1, legs.at(-1)?.to ?? 1))
  const x = $derived(scaleLinear([0, total], [SIDE, WIDTH - SIDE]))
  const names = $derived(labels(legs, x, WIDTH - SIDE))
  const height = $derived(ROAD + TALL + 10 + 36 * (1 + Math.max(...names.map((name) => name.row))))
</script>

<Wide label="The road">
  <svg
    viewBox={`0 0 ${WIDTH} ${height}`}
    class="block w-full min-w-[760px]"
    role="img"
    aria-labelledby={`${id}-says`}
  >
    <title id={`${id}-says`}
      >The road of {plan.name}: {legs.length} legs, {km(total)}, with places to feel the hubs</title
    >
    <defs><Hatch id={`${id}-alone`} angle={45} spacing={7} /></defs>
    {#each legs as { from, to, leg }, i (i)}
      {@const left = x(from)}
      {@const right = x(to)}
      <rect
        x={left}
        y={ROAD}
        width={Math.max(1, right - left)}
        height={TALL}
        class="fill-wall stroke-ink"
        stroke-width="1.6"
      />
      {#if leg.noHelp}
        <rect
          x={left}
          y={ROAD}
          width={Math.max(1, right - left)}
          height={TALL}
          fill={`url(#${id}-alone)`}
        />
      {/if}
      <path
        d={`M${left + 3} ${ROAD + TALL / 2}H${right - 3}`}
        class="stroke-ink2"
        stroke-width="1.4"
        stroke-dasharray="12 9"
      />
      {#if leg.crossings + leg.dunkings > 0}
        {@const middle = (left + right) / 2}
        <path
          d={`M${middle - 22} ${ROAD + 8}q5.5 -6 11 0t11 0t11 0t11 0M${middle - 22} ${ROAD + 16}q5.5 -6 11 0t11 0t11 0t11 0`}
          class="stroke-grease"
          stroke-width="2.6"
          fill="none"
        />
        <text x={middle} y={ROAD - 5} text-anchor="middle" font-size="12.5" class="fill-grease"
          >{leg.crossings + leg.dunkings} ×<title
            >{leg.crossings > 0
              ? `${leg.crossings} × through water`
              : `${leg.dunkings} × dunked`}</title
          ></text
        >
      {/if}
    {/each}
    {#each names as name, i (i)}
      {@const at = ROAD + TALL + 18 + name.row * 36}
      {#if name.row > 0}
        <path
          d={`M${x(legs[i]?.from ?? 0)} ${ROAD + TALL}V${at - 10}`}
          class="stroke-rule"
          stroke-width="1"
        />
      {/if}
    {/each}
    {#each names as name (name.name)}
      {@const at = ROAD + TALL + 18 + name.row * 36}
      <g class="stroke-sheet" stroke-width="4" paint-order="stroke">
        <text x={name.x} y={at} font-size="14" font-weight="700">{name.name}</text>
        <text x={name.x} y={at + 15} font-size="12.5" class="fill-ink2">{name.details}</text>
      </g>
    {/each}
    {#each plan.stops as stop, i (i)}
      <path d={`M${x(stop.km)} 26V${ROAD}`} class="stroke-ink" stroke-width="1.2" />
      <circle
        cx={x(stop.km)}
        cy="19"
        r="8"
        class={stop.done ? 'fill-verdigris-fill stroke-ink' : 'fill-sheet stroke-ink'}
        stroke-width="1.6"
        ><title
          >{stop.done ? 'felt' : 'feel the hubs'} at {km(stop.km)}: {stop.why}, {stop.where}</title
        ></circle
      >
      <circle cx={x(stop.km)} cy="19" r="2.6" class="fill-ink" />
    {/each}
  </svg>
</Wide>
<p class="text-min text-ink2">
  Rings over the road: feel every hub there, filled once it is logged. Hatched: nobody there sells a
  bearing or tows. Waves: the hubs go under water.
</p>
