<script lang="ts">
  import { onMount } from 'svelte'
  import { keys } from '$features/keys'
  import { KeyCap } from '$ui/key-cap'
  import type { Readings } from '$features/bench/job'
  import type { Sequence } from './sequence.svelte'

  interface Props {
    sequence: Sequence
    readings: Readings
    /** Turns that are asked at least. */
    asked: number
  }

  let { sequence, readings, asked }: Props = $props()

  const enough = $derived(sequence.hubTurns >= asked)

  function turned(): void {
    sequence.hubTurns++
    readings.set('HUB_TURNS', String(sequence.hubTurns))
  }

  onMount(() => keys.add([{ keys: ['h', 'H'], does: 'The hub went round once more', run: turned }]))
</script>

<button
  type="button"
  class="mt-2 grid min-h-16 w-full grid-cols-[auto_1fr_auto] items-center gap-3 rounded-plate border border-ink bg-sheet px-4 text-left hover:bg-wall"
  onclick={(event) => {
    event.currentTarget.blur() // the pedal's Space is for the blue button
    turned()
  }}
>
  <span class="type-num text-reading leading-none">{sequence.hubTurns}</span>
  <span>
    <span class="block font-semibold">Hub turned once more: press</span>
    <span class="block text-label text-ink2"
      >{enough ? 'enough' : `of ${asked} at least`}, both ways</span
    >
  </span>
  <KeyCap key="H" />
</button>
