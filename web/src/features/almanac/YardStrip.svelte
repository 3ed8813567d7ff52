<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { date } from '$features/display'
  import { actions } from '$features/figures'
  import { DayScale, monthLetter, monthsFrom, wordsWithRoom } from './strip'
  import { Wide } from '$ui/wide'

  const WIDTH = 760
  const LEFT = 142
  const TOP = 24
  const LANE = 35
  const FEW = 8
  /** A word beside a mark needs so much. */
  const WORD = 96

  const id = $props.id()
  const attempt = new Attempt()
  let strip = $state.raw<Schemas['YardStripView'] | null>(null)
  let all = $state(false)
  const lanes = $derived(all ? (strip?.lanes ?? []) : (strip?.lanes ?? []).slice(0, FEW))

  onMount(() => {
    void attempt.run(async () => {
      strip = await api.yardStrip()
    })
  })

  const scale = $derived(
    strip ? new DayScale(strip.from, strip.to, WIDTH - LEFT - 10) : new DayScale('', '', 1),
  )
  const months = $derived(strip ? monthsFrom(strip.from, 13) : [])
  const height = $derived(TOP + lanes.length * LANE + 16)
  const x = (day: string): number => LEFT + scale.x(day)
  const km = (value: number): string => `${Math.round(value / 10) * 10} km`
  const says = (one: Schemas['LaneDueView']): string =>
    `${one.due.words} at ${one.wheelEnds}: ${date(one.due.likely)}, ${one.due.by}${
      one.due.certain ? '' : `, likely ${date(one.due.earliest)} to ${date(one.due.latest)}`
    }${one.kmToGo > 0 ? `; about ${km(one.kmToGo)} from now` : ''}`
</script>

{#if strip && strip.lanes.length > 0}
  <section aria-labelledby={`${id}-h`} class="flex flex-col gap-1">
    <h2 id={`${id}-h`} class="type-h">The year ahead</h2>
    <Wide label="Strip of the yard">
      <svg viewBox={`0 0 ${WIDTH} ${height}`} class="block w-full min-w-[760px]" role="group">
        <title>What falls due in the year ahead, one lane for each rig, most pressing first</title>
        {#each months as month (month)}
          <path d={`M${x(month)} 6V${height - 6}`} class="stroke-rule" stroke-width="0.6" />
          <text x={x(month) + 3} y="16" font-size="12" class="fill-ink2">{monthLetter(month)}</text>
        {/each}
        {#each lanes as lane, i (lane.rigId)}
          {@const y = TOP + i * LANE + 20}
          <a href={`/rigs/${lane.rigId}/almanac`} aria-label={`Almanac of ${lane.rigName}`}>
            <rect x="0" y={y - 20} width={LEFT - 6} height={LANE} class="fill-transparent" />
            <text x="6" y={y - 1} font-size="14" font-weight="700">{lane.rigName}</text>
            <text x="6" y={y + 13} font-size="12" class="fill-ink2"
              >{lane.yearlyKm === undefined ? 'use unknown' : `${km(lane.yearlyKm)} a year`}</text
            >
          </a>
          <path d={`M${LEFT} ${y}H${WIDTH - 8}`} class="stroke-line" />
          {#each lane.trips as trip (trip.id)}
            {@const from = x(trip.from)}
            <a href={`/trips/${trip.id}`} aria-label={`Trip ${trip.name} of ${lane.rigName}`}>
              <rect
                x={from}
                y={y - 4}
                width={Math.max(6, x(trip.to) - from)}
                height="8"
                class={['stroke-grease', trip.wet ? 'fill-grease' : 'fill-grease-wash']}
                ><title
                  >{trip.name}, {date(trip.from)} to {date(trip.to)}, {km(trip.km)}{trip.wet
                    ? ', through water'
                    : ''}</title
                ></rect
              >
            </a>
          {/each}
          {@const worded = wordsWithRoom(
            lane.dues.map((one) => x(one.due.likely)),
            WORD,
            WIDTH - 6,
          )}
          {#each lane.dues as one, j (j)}
            {@const at = x(one.due.likely)}
            {#if !one.due.certain}
              <path
                d={`M${x(one.due.earliest)} ${y - 14}H${x(one.due.latest)}`}
                class="stroke-brass"
                stroke-width="2.5"
              />
            {/if}
            <path
              d={`M${at} ${y - 2}l-6.5 -12h13Z`}
              class={one.due.daysLeft < 0 ? 'fill-brass-fill stroke-ink' : 'fill-sheet stroke-ink'}
              stroke-width="1.5"><title>{says(one)}</title></path
            >
            {#if worded[j]}
              <text
                x={at + WORD > WIDTH - 6 ? at - 9 : at + 9}
                y={y - 6}
                text-anchor={at + WORD > WIDTH - 6 ? 'end' : 'start'}
                font-size="11.5"
                >{actions[one.due.action].short}{one.kmToGo >= 10
                  ? `, ${km(one.kmToGo)}`
                  : ''}</text
              >
            {/if}
          {/each}
        {/each}
        <path d={`M${x(strip.today)} 6V${height - 4}`} class="stroke-oxide" stroke-width="2" />
      </svg>
    </Wide>
    {#if strip.lanes.length > FEW && !all}
      <button
        type="button"
        class="min-h-9 self-start text-label text-grease underline"
        onclick={() => {
          all = true
        }}>All {strip.lanes.length} rigs</button
      >
    {/if}
    <p class="text-min text-ink2">
      Triangles fall due, filled ones are late; the bar over one is where eight of ten would lie,
      with the kilometres expected until then. Blue: trips, full ones go through water.
    </p>
  </section>
{/if}
