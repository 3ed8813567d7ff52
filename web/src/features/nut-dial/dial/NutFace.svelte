<script lang="ts">
  import { Hatch } from '$ui/hatch'
  import {
    marksOf,
    point,
    polygon,
    R,
    sector,
    slotCount,
    type Hand,
    type Lock,
  } from '$features/nut-dial/state'

  interface Props {
    lock: Lock
    hand: Hand
    /** Rotation of the nut from where a slot meets mark 1, positive looser. */
    nutDegrees: number
    /** Marks that meet a slot, from 1. */
    meeting?: number[]
  }

  let { lock, hand, nutDegrees, meeting = [] }: Props = $props()

  const id = $props.id()
  const SLOT = 36 // width of a slot
  const count = $derived(slotCount(lock))
  const slots = $derived(Array.from({ length: count }, (_, i) => (360 / count) * i))
  const marks = $derived(marksOf(lock))
  const crowned = $derived(lock.kind === 'CASTLE_NUT' || lock.kind === 'SEATED_RETAINER')
  const width = $derived(Math.min(SLOT, (Math.PI * 2 * R.spindle) / count / 1.9))
  // the screen turns clockwise for positive angles; loosening a right-hand nut does not
  const turn = $derived(hand === 'RIGHT' ? -nutDegrees : nutDegrees)
  /** A castle nut is slotted to its flats; a retainer only to its own edge. */
  const reach = $derived(lock.kind === 'CASTLE_NUT' ? R.flat + 2 : R.crown + 1)
</script>

<defs>
  <Hatch id={`${id}-nut`} angle={60} spacing={6} />
  <Hatch id={`${id}-spindle`} angle={45} spacing={11} />
</defs>

{#if lock.kind === 'TANG_WASHER' || lock.kind === 'LOCK_PLATE'}
  <circle r={R.nut + 18} class="fill-tray stroke-ink" stroke-width="1.5" />
{/if}

<g class="turning" style:transform={`rotate(${turn}deg)`}>
  {#if lock.kind === 'LOCK_PLATE'}
    <circle r={R.nut} class="fill-sheet stroke-ink" stroke-width="2.2" />
    {#each slots as slot (slot)}
      {@const p = point(122, slot, hand)}
      <circle cx={p.x} cy={p.y} r="9" class="fill-wall stroke-ink" stroke-width="1.5" />
    {/each}
  {:else if lock.kind === 'STAKED_COLLAR'}
    <path d={polygon(6, R.nut, 0, hand)} class="fill-sheet stroke-ink" stroke-width="2.2" />
    <circle r={R.crown} class="fill-tray stroke-ink" stroke-width="1.5" />
  {:else}
    <path
      d={polygon(6, R.nut, 0, hand)}
      class="fill-sheet stroke-ink"
      stroke-width="2.2"
      stroke-linejoin="round"
    />
    {#if lock.kind === 'SEATED_RETAINER' && lock.seats === 12}
      <path
        d={polygon(6, R.nut, 30, hand)}
        class="fill-sheet stroke-ink"
        stroke-width="2.2"
        stroke-linejoin="round"
      />
    {/if}
    {#if crowned}
      <circle r={R.crown} fill={`url(#${id}-nut)`} class="stroke-ink" stroke-width="1.5" />
      {#each slots as slot (slot)}
        <g transform={`rotate(${hand === 'RIGHT' ? -slot : slot})`}>
          <path
            d={`M${-width / 2} ${-R.spindle + 4}V${-reach}H${width / 2}V${-R.spindle + 4}Z`}
            class="fill-sheet"
          />
          <path
            d={`M${-width / 2} ${-R.spindle + 4}V${-reach}M${width / 2} ${-R.spindle + 4}V${-reach}`}
            class="stroke-ink"
            stroke-width="2.2"
          />
        </g>
      {/each}
    {/if}
    {#if lock.kind === 'PUSH_ON_RETAINER'}
      <path
        d={polygon(lock.seats ?? 12, R.nut + 12, 0, hand)}
        fill="none"
        class="stroke-ink"
        stroke-width="1.5"
      />
    {/if}
    {#if lock.kind === 'TWO_NUTS'}
      <path
        d={polygon(6, R.crown + 8, 30, hand)}
        fill={`url(#${id}-nut)`}
        class="stroke-ink"
        stroke-width="1.5"
      />
    {/if}
  {/if}
</g>

<circle r={R.spindle} class="fill-wall" />
<circle r={R.spindle} fill={`url(#${id}-spindle)`} class="stroke-ink" stroke-width="2.2" />
<circle r={R.spindle - 9} class="stroke-line" fill="none" stroke-width="1" />
<circle r="8" class="fill-wall stroke-ink" stroke-width="1.5" />

{#each marks as mark, i (i)}
  {@const meets = meeting.includes(i + 1)}
  {#if crowned}
    <g
      transform={`rotate(${hand === 'RIGHT' ? -mark : mark})`}
      class={meets ? 'text-verdigris' : 'text-line'}
    >
      <path
        d={`M-13 ${-R.spindle}V${R.spindle}M13 ${-R.spindle}V${R.spindle}`}
        stroke="currentColor"
        stroke-width={meets ? 2.6 : 1.5}
        stroke-dasharray="6 4"
      />
      <path
        d={`M0 ${-R.spindle}V${-R.nut}M0 ${R.spindle}V${R.nut}`}
        stroke="currentColor"
        stroke-width={meets ? 2.6 : 1}
        stroke-dasharray="18 4 3 4"
      />
    </g>
    {@const p = point(52, mark, hand)}
    <text x={p.x} y={p.y + 6} text-anchor="middle" font-size="17" font-weight="700" class="halo">
      {marks.length > 1 ? `Hole ${i + 1}` : 'Hole'}
    </text>
  {:else if lock.kind === 'PUSH_ON_RETAINER'}
    <path
      d={sector(R.spindle - 16, R.spindle, mark - 22, mark + 22, hand)}
      class={['stroke-ink', meets ? 'fill-verdigris-fill' : 'fill-brass-fill']}
      stroke-width="2"
    />
  {:else if lock.kind === 'TANG_WASHER'}
    <path
      d={sector(R.flat - 6, R.nut + 18, mark - 7, mark + 7, hand)}
      class={['stroke-ink', meets ? 'fill-verdigris-fill' : 'fill-brass-fill']}
      stroke-width="2"
    />
  {:else if lock.kind === 'LOCK_PLATE'}
    {#each Array.from({ length: lock.plateHoles ?? 0 }, (_, n) => (360 / (lock.plateHoles ?? 1)) * n) as hole (hole)}
      {@const p = point(122, hole, hand)}
      <circle
        cx={p.x}
        cy={p.y}
        r="12"
        class={meets ? 'stroke-verdigris' : 'stroke-line'}
        fill="none"
        stroke-width="1.5"
        stroke-dasharray="4 3"
      />
    {/each}
  {:else if lock.kind === 'STAKED_COLLAR'}
    <path
      d={sector(R.spindle - 22, R.spindle, -8, 8, hand)}
      class="fill-wall stroke-ink"
      stroke-width="2"
    />
  {/if}
{/each}

<style>
  .turning {
    transition: transform 450ms cubic-bezier(0.3, 0, 0.2, 1);
  }
  .halo {
    paint-order: stroke;
    stroke: var(--color-wall);
    stroke-width: 5px;
    stroke-linejoin: round;
  }
</style>
