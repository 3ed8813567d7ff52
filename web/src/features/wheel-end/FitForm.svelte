<script lang="ts">
  import { today as theDay } from '$features/display'
  import type { Schemas } from '$api/request'
  import { BearingPicker } from '$features/bearing'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { ProblemCard } from '$ui/problem-card'
  import type { Place } from './fitted'
  import { conditions, PartEntry, what } from './part-entry.svelte'
  import type { WheelEnd } from './wheel-end.svelte'

  interface Props {
    end: WheelEnd
    place: Place
    words: string
    now: Schemas['PartView'] | null
    /** A set found for it in the reckoner; empty where none was. */
    found: string
    ondone: () => void
  }

  let { end, place, words, now, found, ondone }: Props = $props()

  const today = theDay()
  // a fresh form each time it is opened: it starts from what is fitted
  // svelte-ignore state_referenced_locally
  const entry = new PartEntry(place, now, found)
  const form = entry.form
  const bearing = entry.bearing
  const error = (field: string): string => end.fitting.fieldError(field)

  async function fit(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const save = entry.typo ? end.correct.bind(end) : end.fit.bind(end)
    if (await save(entry.body)) ondone()
  }

  async function takeOff(): Promise<void> {
    if (await end.takeOff(place)) ondone()
  }
</script>

<form
  onsubmit={fit}
  aria-label={`Fit the ${words}`}
  class="grid gap-x-3 gap-y-2.5 border-t border-rule bg-wall p-3 tab:grid-cols-2"
>
  {#if now}
    <Choice
      class="tab:col-span-2"
      label="What happened"
      options={what}
      value={entry.typo ? 'typo' : 'fitted'}
      onchange={(next) => entry.correcting(next === 'typo')}
    />
  {/if}
  {#if bearing}
    <div class="tab:col-span-2">
      <BearingPicker
        label="Cone/cup, as they stand on the rings"
        value={form.set}
        onchange={(set) => {
          form.set = set
        }}
        error={error('designation') || error('cupDesignation')}
        hint="One set, such as L68149/L68111; a metric set has one number."
      />
    </div>
  {:else}
    <Field
      label="Designation"
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
      maxlength={40}
      bind:value={form.designation}
      error={error('designation')}
      hint="As it stands on the part, or its size."
    />
  {/if}
  {#if bearing}
    <Field
      label="Pair number on the cone"
      autocomplete="off"
      bind:value={form.conePair}
      error={error('conePairNumber')}
      hint="Only a matched pair has one."
    />
    <Field
      label="Pair number on the cup"
      autocomplete="off"
      bind:value={form.cupPair}
      error={error('cupPairNumber')}
    />
  {/if}
  <Field
    label="Batch or trace number"
    autocomplete="off"
    bind:value={form.batch}
    error={error('batch')}
  />
  <Field
    label="Grade note"
    autocomplete="off"
    bind:value={form.gradeNote}
    error={error('gradeNote')}
  />
  {#if bearing}
    <Field
      label="Packed on"
      type="date"
      max={today}
      bind:value={form.packedOn}
      error={error('packedOn')}
    />
  {/if}
  <Field
    label="Fitted on"
    type="date"
    max={today}
    bind:value={form.fittedOn}
    error={error('fittedOn')}
  />
  <Field
    label="At distance, km"
    inputmode="numeric"
    autocomplete="off"
    bind:value={form.fittedKm}
    error={error('fittedKm')}
  />
  <div class="flex flex-col gap-1">
    <span class="text-label font-semibold">It is</span>
    <Choice
      label="New or reused"
      options={conditions}
      value={entry.condition}
      onchange={(next) => {
        entry.condition = next
      }}
    />
  </div>
  {#if end.fitting.problem && end.fitting.problem.errors.length === 0}
    <div class="tab:col-span-2">
      <ProblemCard title={end.fitting.problem.title}
        ><p>{end.fitting.problem.detail}</p></ProblemCard
      >
    </div>
  {/if}
  <Button tone="main" type="submit" disabled={end.fitting.busy}
    >{entry.typo ? 'Put it right' : 'Fit it'}</Button
  >
  <div class="flex gap-2">
    <Button class="flex-1" onclick={ondone}>Not now</Button>
    {#if now && !entry.typo}<Button class="flex-1" onclick={() => void takeOff()}
        >Take it off</Button
      >{/if}
  </div>
</form>
