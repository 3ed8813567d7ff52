<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    nuts: Schemas['WheelNutsView']
    /** How many of the round are done. */
    done?: number
    inTheStar?: boolean
  }

  let { nuts, done = 0, inTheStar = true }: Props = $props()

  const R = 76
  const MID = 110
  const spots = $derived(
    nuts.studs.map((stud) => ({
      number: stud.number,
      x: MID + R * stud.right,
      y: MID - R * stud.up,
      turn: (inTheStar ? nuts.order : nuts.studs.map((one) => one.number)).indexOf(stud.number) + 1,
    })),
  )
  const path = $derived(
    [...spots]
      .sort((a, b) => a.turn - b.turn)
      .map((spot) => `${spot.x.toFixed(1)} ${spot.y.toFixed(1)}`)
      .join('L'),
  )
  const said = $derived((inTheStar ? nuts.order : nuts.studs.map((s) => s.number)).join(', '))
</script>

<svg
  viewBox="0 0 220 220"
  class="block w-full max-w-[300px]"
  role="img"
  aria-label={`${nuts.studs.length} nuts, in this order: ${said}`}
>
  <circle cx={MID} cy={MID} r="104" class="fill-sheet stroke-ink" stroke-width="2" />
  <circle
    cx={MID}
    cy={MID}
    r={R}
    class="fill-transparent stroke-line"
    stroke-dasharray="10 3 2 3"
  />
  <circle cx={MID} cy={MID} r="26" class="fill-tray stroke-ink" stroke-width="1.6" />
  <path d={`M${path}`} class="fill-transparent stroke-grease" stroke-width="1.6" />
  {#each spots as spot (spot.number)}
    {@const isDone = spot.turn <= done}
    {@const isNext = spot.turn === done + 1}
    <circle
      cx={spot.x}
      cy={spot.y}
      r="19"
      class={isDone
        ? 'fill-verdigris-wash stroke-verdigris'
        : isNext
          ? 'fill-brass-fill stroke-ink'
          : 'fill-sheet stroke-ink'}
      stroke-width={isNext ? 3 : 2}
    />
    <text
      x={spot.x}
      y={spot.y + 8}
      text-anchor="middle"
      font-size="23"
      font-weight="800"
      class={isNext ? 'fill-on-brass' : ''}>{spot.turn}</text
    >
  {/each}
</svg>
