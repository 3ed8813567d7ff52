<script lang="ts">
  import { leadingLength, otherLength } from '$features/display'
  import { Mark } from '$ui/mark'
  import {
    type NutDial,
    seated,
    shapeOf,
    turned,
    verdictWords,
    where,
  } from '$features/nut-dial/state'

  interface Props {
    dial: NutDial
  }

  let { dial }: Props = $props()

  const MOST = 7
  /** The stops round the window, where the choice is made; the rest of the turn is too loose anyway. */
  const rows = $derived(dial.stops.slice(0, Math.max(MOST, dial.advised + 3)))
  const chosen = $derived(dial.chosen ? dial.stops.indexOf(dial.chosen) : -1)
</script>

<section aria-labelledby="stops">
  <h2 id="stops" class="type-h">Every stop, tightest first</h2>
  <ul class="mt-1.5 border-t-2 border-ink">
    {#each rows as stop, i (stop.backOffDegrees)}
      {@const lockedBy = [where(stop, dial.hub.lock), seated(stop)]
        .filter((text) => text !== '')
        .join(', ')}
      <li>
        <button
          type="button"
          aria-pressed={i === chosen}
          disabled={dial.backedOff || stop.verdict === 'PRELOAD'}
          onclick={() => dial.pick(i)}
          class={[
            'grid min-h-11 w-full grid-cols-[30px_6.6rem_1fr_auto] items-center gap-2 border-b border-rule px-1 text-left',
            i === chosen && 'bg-grease-wash outline-2 -outline-offset-2 outline-grease-fill',
            'disabled:cursor-not-allowed',
          ]}
        >
          <Mark shape={shapeOf[stop.verdict]} size={24} />
          <span class="type-num font-semibold">{turned(stop.backOffDegrees)}</span>
          <span class="text-label leading-tight">
            <span class={[stop.verdict === 'PRELOAD' && 'font-semibold text-oxide']}
              >{verdictWords[stop.verdict]}</span
            >
            {#if i === dial.advised}<span class="font-semibold text-verdigris">
                · take it</span
              >{/if}
            {#if lockedBy}<span class="block text-min text-ink2">{lockedBy}</span>{/if}
          </span>
          <span class="text-right leading-tight">
            <span class="block type-num font-semibold">{leadingLength(stop.endPlay)}</span>
            <span class="block type-num text-min text-ink2">{otherLength(stop.endPlay)}</span>
          </span>
        </button>
      </li>
    {/each}
  </ul>
</section>
