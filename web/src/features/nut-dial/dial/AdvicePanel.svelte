<script lang="ts">
  import { BothUnits, degrees, leadingLength } from '$features/display'
  import { Mark } from '$ui/mark'
  import {
    because,
    move,
    type NutDial,
    partsOf,
    remedy,
    shapeOf,
    verdictWords,
  } from '$features/nut-dial/state'

  interface Props {
    dial: NutDial
  }

  let { dial }: Props = $props()

  const answer = $derived(dial.calculator.answer)
  const remedies = $derived(answer?.advice.remedies ?? [])
</script>

{#if !dial.matched}
  {@const parts = partsOf(dial.hub.lock)}
  <div>
    <h1 class="type-say">Turn the nut to stand as yours does.</h1>
    <p class="mt-1.5 max-w-[62ch] text-read">
      At zero play, look at the end of the spindle: how far is the nearest {parts.turning} from the {parts.fixed}?
      Drag the drawn nut, turn it with ← and →, or type the angle below.
    </p>
  </div>
{:else if answer}
  <div aria-live="polite">
    <h1
      class={[
        'type-say',
        answer.advice.kind === 'NONE_GOOD' && 'text-oxide',
        answer.advice.kind === 'TAKE_USABLE' && 'text-brass',
      ]}
    >
      {move(answer, dial.hub.lock)}
    </h1>
    {#each because(answer, dial.hub.lock) as sentence (sentence)}
      <p class="mt-1.5 max-w-[62ch] text-read">{sentence}</p>
    {/each}
  </div>
  {#if !dial.stepped && answer.chosen}
    {@const chosen = answer.chosen}
    <div class="flex items-center gap-4 border-t-2 border-ink pt-3">
      <Mark shape={shapeOf[chosen.verdict]} size={40} />
      <p class="text-read">
        {degrees(chosen.backOffDegrees)} back<br />
        <span class="text-label text-ink2"
          >{verdictWords[chosen.verdict]}{dial.hub.lock.kind === 'TWO_NUTS'
            ? dial.hub.locking?.takes
              ? `, once locked; ${leadingLength(chosen.endPlay)} before`
              : ', before locking'
            : ''}</span
        >
      </p>
      <span class="ml-auto text-right"><BothUnits length={chosen.locked} size="reading" /></span>
    </div>
  {/if}
  <p class="max-w-[62ch] text-label text-ink2">
    An angle read by eye is good to ± {leadingLength(answer.byEye)} of end play.
  </p>
  {#if dial.hub.locking}
    {@const locking = dial.hub.locking}
    <p class="max-w-[62ch] text-label">
      {#if locking.takes}
        Locking took {leadingLength(locking.takes)} here, measured {locking.times === 1
          ? 'once'
          : `${locking.times} times, within ${leadingLength(locking.spread ?? locking.takes)}`}:
        that much is left for it.
      {:else}
        What locking takes was never measured here. The thread can give {leadingLength(
          locking.least,
        )} to {leadingLength(locking.most)}: measure before and after, and the dial knows next time.
      {/if}
    </p>
  {/if}
  {#if remedies.length > 0}
    <h2 class="mt-4 type-h">
      {answer?.advice.kind === 'TAKE_USABLE' ? 'How to do better' : 'What to do instead'}
    </h2>
    <ol class="mt-1">
      {#each remedies as item, i (i)}
        {@const words = remedy(item)}
        <li class="flex gap-3 border-t border-rule py-2">
          <span class="w-5 type-num font-bold">{i + 1}</span>
          <span><span class="font-semibold">{words.move}.</span> {words.reason}</span>
        </li>
      {/each}
    </ol>
  {/if}
{/if}
