<script lang="ts">
  import { onMount } from 'svelte'
  import type { Schemas } from '$api/request'
  import { date } from '$features/display'
  import StripLane from './StripLane.svelte'
  import { monthLetter, Scale } from './strip'
  import { scaleLinear } from '$ui/chart'
  import { Wide } from '$ui/wide'

  interface Props {
    almanac: Schemas['AlmanacView']
    /** The same rig as it would be, laid over what is. */
    other?: Schemas['AlmanacView'] | null
  }

  let { almanac, other = null }: Props = $props()

  const WIDTH = 1000
  const LEFT = 92
  const BARS = 96
  const LANE = 44
  const TRIPS = 26

  let strip = $state.raw<HTMLDivElement | null>(null)

  // on a narrow screen it opens where today is
  onMount(() => {
    if (strip) strip.scrollLeft = (strip.scrollWidth * today) / WIDTH - strip.clientWidth / 2
  })

  const id = $props.id()
  const scale = $derived(new Scale(almanac.months, WIDTH - LEFT - 8))
  const most = $derived(Math.max(1, ...almanac.months.map((month) => month.km)))
  const tall = $derived(scaleLinear([0, most], [0, BARS - 26]))
  const top = BARS + 24 + TRIPS
  const height = $derived(top + almanac.wheelEnds.length * LANE + 18)
  const today = $derived(LEFT + scale.x(almanac.today))
  const barWidth = $derived((WIDTH - LEFT - 8) / almanac.months.length)
  const trips = $derived(
    almanac.trips.filter((trip) => scale.holds(trip.from) || scale.holds(trip.to)),
  )
  const water = $derived(almanac.water.filter((mark) => scale.holds(mark.on)))
</script>

<Wide label="Strip of the year" bind:element={strip}>
  <svg
    viewBox={`0 0 ${WIDTH} ${height}`}
    class="block w-full min-w-[760px]"
    role="img"
    aria-labelledby={`${id}-says`}
  >
    <title id={`${id}-says`}
      >{almanac.rigName}: kilometres by month, trips, water, and what falls due at each wheel end,
      from {date(almanac.months[0]?.from ?? '')} on</title
    >
    <defs>
      <pattern id={`${id}-h`} width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M0 6 6 0" class="stroke-line" stroke-width="1" />
      </pattern>
    </defs>
    {#each almanac.months as month, i (month.from)}
      {@const x = LEFT + i * barWidth}
      {@const bar = tall(month.km)}
      <path d={`M${x} 8V${height - 8}`} class="stroke-rule" stroke-width="0.6" />
      <rect
        x={x + 3}
        y={BARS - bar}
        width={barWidth - 6}
        height={bar}
        fill={month.expected ? `url(#${id}-h)` : 'currentColor'}
        class={month.expected ? 'stroke-line' : 'text-ink2'}
        stroke-dasharray={month.expected ? '3 2' : undefined}
      />
      {#if month.km >= most / 6}
        <text x={x + barWidth / 2} y={BARS - bar - 4} text-anchor="middle" font-size="11"
          >{Math.round(month.km)}</text
        >
      {/if}
      <text
        x={x + barWidth / 2}
        y={BARS + 14}
        text-anchor="middle"
        font-size="11.5"
        class="fill-ink2">{monthLetter(month.from)}</text
      >
    {/each}
    <text x="6" y={BARS - 4} font-size="12.5" class="fill-ink2">km a month</text>
    <path d={`M${LEFT} ${BARS}H${WIDTH - 8}`} class="stroke-ink" />
    <text x="6" y={BARS + 36} font-size="12.5" class="fill-ink2">trips, water</text>
    {#each trips as trip (trip.id)}
      {@const from = LEFT + scale.x(trip.from)}
      {@const to = Math.max(from + 4, LEFT + scale.x(trip.to))}
      <rect
        x={from}
        y={BARS + 24}
        width={to - from}
        height="9"
        class={trip.state === 'PLANNED' ? 'fill-sheet stroke-grease' : 'fill-grease-fill'}
        stroke-dasharray={trip.state === 'PLANNED' ? '3 2' : undefined}
        ><title>{trip.name}, {date(trip.from)} to {date(trip.to)}, {Math.round(trip.km)} km</title
        ></rect
      >
    {/each}
    {#each water as mark, i (i)}
      {@const x = LEFT + scale.x(mark.on)}
      <path d={`M${x} ${BARS + 35}c4 5 4 9 0 9c-4 0-4-4 0-9Z`} class="fill-grease stroke-grease"
        ><title>{mark.kind === 'DUNKING' ? 'dunked' : 'through water'}, {date(mark.on)}</title
        ></path
      >
    {/each}
    {#each almanac.wheelEnds as end, i (end.id)}
      <StripLane
        {end}
        {scale}
        left={LEFT}
        y={top + i * LANE}
        right={WIDTH - 8}
        other={other?.wheelEnds.find((one) => one.id === end.id) ?? null}
      />
    {/each}
    <path d={`M${today} 4V${height - 4}`} class="stroke-oxide" stroke-width="2" />
    <text
      x={today - 4}
      y={height - 5}
      text-anchor="end"
      font-size="12.5"
      font-weight="700"
      class="fill-oxide">today</text
    >
  </svg>
</Wide>
