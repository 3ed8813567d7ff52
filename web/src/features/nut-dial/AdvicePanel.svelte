<script lang="ts">
  import { BothUnits, degrees } from '$features/display'
  import { Mark } from '$ui/mark'
  import type { NutDial } from './nut-dial.svelte'
  import { shapeOf } from './stop-marks'
  import { because, move, partsOf, remedy, verdictWords } from './words'

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
    <h1 class={['type-say', answer.advice.kind === 'NONE_GOOD' && 'text-oxide']}>
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
        <span class="text-label text-ink2">{verdictWords[chosen.verdict]}, before locking</span>
      </p>
      <span class="ml-auto text-right"><BothUnits length={chosen.endPlay} size="reading" /></span>
    </div>
  {/if}
  {#if remedies.length > 0}
    <h2 class="mt-4 type-h">What to do instead</h2>
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
