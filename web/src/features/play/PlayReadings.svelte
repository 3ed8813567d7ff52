<script lang="ts">
  import { leadingLength } from '$features/display'
  import { LiveStrip } from '$features/instruments'
  import { Button } from '$ui/button'
  import { NumberField } from '$ui/number-field'
  import type { Play } from './play.svelte'
  import PlayFound from './PlayFound.svelte'

  interface Props {
    play: Play
    /** Told whenever the readings say something else. */
    onfound?: () => void
  }

  let { play, onfound }: Props = $props()

  /** What is wrong apart from the fields, which say it themselves. */
  const wrong = $derived(play.rest((field) => field.startsWith('readings.')))

  // judged far away: whoever shows this wants to know
  $effect(() => {
    void play.found
    onfound?.()
  })
</script>

<section aria-label="Readings of the play" class="flex flex-col gap-2.5">
  <LiveStrip kind="END_PLAY" ontake={(reading) => play.take(reading)} />
  <div class="flex items-end gap-2">
    <NumberField
      label={`One reading, ${play.symbol}`}
      class="flex-1"
      data-key="measured"
      bind:value={play.typed}
      onkeydown={(event) => {
        // Enter adds; with nothing typed it belongs to whatever form this stands in
        if (event.key === 'Enter' && play.typed.trim() !== '') {
          event.preventDefault()
          play.add()
        }
      }}
      error={play.fieldError('readings.readings')}
    />
    <Button size="list" onclick={() => play.add()}>Add it</Button>
  </div>
  {#if play.readings.length > 0}
    <ul class="flex flex-wrap gap-1.5" aria-label="Readings so far">
      {#each play.readings as one, i (i)}
        {@const text = `${one.number} ${one.unit === 'MILLIMETRE' ? 'mm' : 'thou'}`}
        <li>
          <button
            type="button"
            class="flex min-h-11 items-center gap-2 rounded-plate border border-ink bg-sheet px-3 type-num font-semibold hover:bg-tray"
            aria-label={`Take reading ${text} away`}
            onclick={() => play.remove(i)}>{text} <span aria-hidden="true">×</span></button
          >
        </li>
      {/each}
    </ul>
    {#if play.found}<p class="text-label text-ink2">
        {play.found.count === 1
          ? 'One reading: several, hub turned to and fro, say more.'
          : `${play.found.count} readings, spread ${leadingLength(play.found.spread)}.`}
      </p>{/if}
  {/if}
  <details>
    <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
      >Slack and graduation of the indicator</summary
    >
    <div class="grid grid-cols-2 gap-3">
      <NumberField
        label={`Contact slack, ${play.symbol}`}
        hint="what stand and contact give first"
        bind:value={play.slack}
        oninput={() => void play.judge()}
        error={play.fieldError('readings.slack.number')}
      />
      <NumberField
        label={`One graduation, ${play.symbol}`}
        hint="a hundredth of a mm where empty"
        bind:value={play.graduation}
        oninput={() => void play.judge()}
        error={play.fieldError('readings.graduation.number')}
      />
    </div>
  </details>
  {#if play.found}<PlayFound found={play.found} />{/if}
  {#if play.problem && play.problem.errors.length === 0}
    <p class="text-label text-ink2">
      The readings are kept here, and judged when Old Tallow is back.
    </p>
  {:else if wrong}
    <p role="alert" class="font-semibold text-oxide">{wrong}</p>
  {/if}
</section>
