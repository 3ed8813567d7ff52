<script lang="ts">
  import { NumberField } from '$ui/number-field'
  import { Answer } from '$features/reckoner/shared'

  import { CLOCK, type Seated } from './race.svelte'
  import SeatedFace from './SeatedFace.svelte'

  interface Props {
    seated: Seated
    onedit: () => void
  }

  let { seated, onedit }: Props = $props()

  /** Where the feeler goes for the field the hand is in. */
  let lit = $state('')
  let fields = $state<HTMLElement | null>(null)
  const go = (hour: string): void =>
    fields?.querySelector<HTMLElement>(`[data-size="${hour}"]`)?.focus()

  const seatedMark = {
    SEATED: 'good',
    DRIVE_ON: 'soon',
    COCKED: 'outside',
    START_AGAIN: 'never',
  } as const
</script>

<section aria-labelledby="seated" class="flex flex-col gap-3 border-b border-ink p-4">
  <h2 id="seated" class="type-h">Is the cup home?</h2>
  <p>Feeler behind the cup at four points. 0 where none goes in.</p>
  <div class="grid grid-cols-[1fr_150px] gap-4">
    <div bind:this={fields} class="grid grid-cols-2 gap-3">
      {#each CLOCK as hour, i (hour)}
        <NumberField
          label={`At ${hour} o’clock`}
          data-size={hour}
          onfocus={() => {
            lit = hour
          }}
          onblur={() => {
            lit = ''
          }}
          bind:value={
            () => seated.gaps[i] ?? '',
            (text) => {
              seated.gaps[i] = text
            }
          }
          oninput={onedit}
          error={seated.fieldError(`gaps[${i}].number`)}
        />
      {/each}
    </div>
    <SeatedFace
      {lit}
      onpick={go}
      high={seated.found?.verdict === 'COCKED' ? seated.found.highSide : ''}
    />
  </div>
  {#if seated.found}
    <Answer
      mark={seatedMark[seated.found.verdict]}
      words={seated.found.verdict === 'COCKED'
        ? `${seated.found.words}, at ${seated.found.highSide} o’clock`
        : seated.found.words}
    />
  {/if}
</section>
