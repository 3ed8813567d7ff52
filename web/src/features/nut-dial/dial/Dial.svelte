<script lang="ts">
  import { degrees } from '$features/display'
  import { Mark } from '$ui/mark'
  import DialRim from './DialRim.svelte'
  import {
    angleOf,
    type NutDial,
    partsOf,
    point,
    R,
    ray,
    type StopMark,
    stopMarks,
  } from '$features/nut-dial/state'
  import NutFace from './NutFace.svelte'

  interface Props {
    dial: NutDial
  }

  let { dial }: Props = $props()

  const hand = $derived(dial.hub.thread.hand)
  const answer = $derived(dial.calculator.answer)
  const chosenIndex = $derived(dial.chosen ? dial.stops.indexOf(dial.chosen) : -1)
  const marks = $derived(stopMarks(dial.stops, chosenIndex))
  /** How far the nut is drawn turned from where it stood. */
  const moved = $derived(dial.backedOff || !dial.stepped ? (dial.target ?? 0) : 0)
  const meeting = $derived(dial.backedOff ? (dial.chosen?.ways.map((way) => way.mark) ?? []) : [])
  const parts = $derived(partsOf(dial.hub.lock))
  const stands = $derived(
    dial.stepped
      ? `${parts.turning} ${dial.slotText}° short of ${parts.fixed} ${dial.mark}`
      : `nut backed off ${degrees(dial.freeBackOff)}`,
  )

  /** Beyond the mark near the top, above it further round, where beyond would leave the picture. */
  function labelOf({ stop, tier }: StopMark): { x: number; y: number } {
    const angle = stop.backOffDegrees
    const r = R.mark + tier * 30
    if (Math.abs(angle) < 45) {
      const beyond = point(r + (Math.abs(angle) < 28 ? 26 : 34), angle, hand)
      return { x: beyond.x, y: beyond.y + 6 }
    }
    const mark = point(r, angle, hand)
    return { x: mark.x, y: mark.y - 22 }
  }

  let svg: SVGSVGElement | undefined = $state()
  let grip: number | null = null

  function at(event: PointerEvent): number {
    const box = (svg as SVGSVGElement).getBoundingClientRect()
    return angleOf(
      event.clientX - box.left - box.width / 2,
      event.clientY - box.top - box.height / 2,
      hand,
    )
  }

  function take(event: PointerEvent): void {
    if (dial.backedOff) return
    grip = at(event)
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  }

  function drag(event: PointerEvent): void {
    if (grip === null) return
    const now = at(event)
    const moved = ((now - grip + 540) % 360) - 180
    dial.turnBy(moved)
    grip = now
  }

  function key(event: KeyboardEvent): void {
    const way = { ArrowLeft: 1, ArrowUp: 1, ArrowRight: -1, ArrowDown: -1 }[event.key]
    if (way === undefined) return
    event.preventDefault()
    event.stopPropagation()
    // the arrow shows where the top of the nut goes
    dial.turnBy(way * (hand === 'RIGHT' ? 1 : -1) * (event.shiftKey ? 5 : 1))
  }
</script>

<svg
  bind:this={svg}
  viewBox="-352 -356 704 666"
  role="group"
  aria-label="Nut dial, seen from outside"
  class="block h-full max-h-full w-full"
>
  {#if answer}<DialRim calculation={answer} {hand} />{/if}
  <g class="pointer" style:transform={`rotate(${hand === 'RIGHT' ? -moved : moved}deg)`}>
    <path d={`M0 ${-R.nut - 4}V${-R.disc}`} class="stroke-ink" stroke-width="5.5" />
    <path d={`M0 ${-R.nut - 4}V${-R.disc}`} class="stroke-brass-fill" stroke-width="3.5" />
    <path
      d={`M-10 ${-R.disc - 13}H10L0 ${-R.disc + 5}Z`}
      class="fill-brass-fill stroke-ink"
      stroke-width="1.6"
    />
  </g>
  <g
    role="slider"
    tabindex="0"
    aria-label={dial.stepped ? 'The nut as it stands' : 'Back-off of the nut'}
    aria-valuemin={-180}
    aria-valuemax={180}
    aria-valuenow={Math.round(dial.stepped ? dial.nutDegrees : dial.freeBackOff)}
    aria-valuetext={stands}
    aria-disabled={dial.backedOff}
    class={['nut', !dial.backedOff && 'cursor-grab active:cursor-grabbing']}
    onpointerdown={take}
    onpointermove={drag}
    onpointerup={() => (grip = null)}
    onpointercancel={() => (grip = null)}
    onkeydown={key}
  >
    <circle r={R.scaleIn - 4} fill="transparent" />
    <NutFace lock={dial.hub.lock} {hand} nutDegrees={dial.nutDegrees + moved} {meeting} />
  </g>
  {#each marks as mark (mark.index)}
    {@const chosen = mark.index === chosenIndex}
    {@const p = point(R.mark + mark.tier * 30, mark.stop.backOffDegrees, hand)}
    {#if mark.whole}
      <path
        d={ray(
          chosen ? R.scaleIn - 30 : R.scaleIn,
          R.mark - 12 + mark.tier * 30,
          mark.stop.backOffDegrees,
          hand,
        )}
        class={{
          'stroke-oxide': mark.shape === 'never',
          'stroke-verdigris': mark.shape === 'good',
          'stroke-brass': mark.shape === 'outside',
        }}
        stroke-width={chosen ? 3.4 : 1.8}
        stroke-dasharray={chosen ? undefined : '3 5'}
      />
      {#if chosen}
        <!-- across the arc in its ground's colour, or it would vanish in it -->
        <path
          d={ray(R.scaleIn, R.scaleOut, mark.stop.backOffDegrees, hand)}
          class="stroke-sheet"
          stroke-width="3"
        />
      {/if}
      <Mark shape={mark.shape} size={34} x={p.x - 17} y={p.y - 17} />
      {@const label = labelOf(mark)}
      {#if chosen || mark.shape !== 'good'}
        <text
          x={label.x}
          y={label.y}
          text-anchor="middle"
          font-size="17"
          font-weight="700"
          class="num"
        >
          {degrees(mark.stop.backOffDegrees)}
        </text>
      {/if}
    {:else}
      <circle
        cx={point(R.disc + 9, mark.stop.backOffDegrees, hand).x}
        cy={point(R.disc + 9, mark.stop.backOffDegrees, hand).y}
        r="4"
        class="fill-sheet stroke-ink2"
        stroke-width="2"
      />
    {/if}
  {/each}
</svg>

<style>
  .pointer {
    transition: transform 450ms cubic-bezier(0.3, 0, 0.2, 1);
  }
  .nut {
    touch-action: none;
    outline: none;
  }
  .nut:focus-visible > circle {
    stroke: var(--color-grease);
    stroke-width: 4px;
  }
  .num {
    font-family: var(--font-num);
  }
</style>
