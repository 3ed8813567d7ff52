<script lang="ts">
  import { today as theDay } from '$features/display'
  import type { Schemas } from '$api/request'
  import { BearingPicker, rings } from '$features/bearing'
  import { number } from '$ui/number-field'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { ProblemCard } from '$ui/problem-card'
  import { isBearing, type Place } from './fitted'
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
  const conditions = [
    { value: 'NEW', label: 'new' },
    { value: 'REUSED', label: 'reused' },
  ] as const
  // a fresh form each time it is opened: it starts from what is fitted
  // svelte-ignore state_referenced_locally
  const start = now
  const form = $state({
    // svelte-ignore state_referenced_locally
    set: found || (isBearing(place) ? (start?.words ?? '') : ''),
    designation: start?.designation ?? '',
    conePair: '',
    cupPair: '',
    gradeNote: '',
    batch: '',
    packedOn: '',
    fittedOn: today,
    fittedKm: '',
  })
  let condition = $state<'NEW' | 'REUSED'>('NEW')
  const bearing = $derived(isBearing(place))
  const error = (field: string): string => end.fitting.fieldError(field)
  /** One part, however often the save is tried. */
  const id = crypto.randomUUID()
  /** Whether the part there is the same one, and was only written down wrongly. */
  let typo = $state(false)
  const what = [
    { value: 'fitted', label: 'another part was fitted' },
    { value: 'typo', label: 'that was a typing error' },
  ] as const

  /** A part that was written down wrongly is what it was, but for what is changed now. */
  function correcting(next: boolean): void {
    typo = next
    if (!now) return
    form.conePair = form.cupPair = next ? (now.pairNumber ?? '') : ''
    form.gradeNote = next ? now.gradeNote : ''
    form.batch = next ? now.batch : ''
    form.packedOn = next ? (now.packedOn ?? '') : ''
    form.fittedOn = next ? (now.fittedOn ?? '') : today
    form.fittedKm = next && now.fittedKm !== undefined ? String(now.fittedKm) : ''
    condition = next ? now.condition : 'NEW'
  }

  async function fit(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const km = number(form.fittedKm)
    const pair = bearing ? rings(form.set) : null
    const save = typo ? end.correct.bind(end) : end.fit.bind(end)
    const saved = await save({
      id: typo && now ? now.id : id,
      place,
      designation: bearing ? (pair?.cone ?? '') : form.designation,
      ...(pair ? { cupDesignation: pair.cup } : {}),
      ...(bearing ? { conePairNumber: form.conePair, cupPairNumber: form.cupPair } : {}),
      gradeNote: form.gradeNote,
      batch: form.batch,
      ...(form.packedOn ? { packedOn: form.packedOn } : {}),
      ...(form.fittedOn ? { fittedOn: form.fittedOn } : {}),
      ...(km === null ? {} : { fittedKm: km }),
      condition,
    })
    if (saved) ondone()
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
      value={typo ? 'typo' : 'fitted'}
      onchange={(next) => correcting(next === 'typo')}
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
      value={condition}
      onchange={(next) => {
        condition = next
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
    >{typo ? 'Put it right' : 'Fit it'}</Button
  >
  <div class="flex gap-2">
    <Button class="flex-1" onclick={ondone}>Not now</Button>
    {#if now && !typo}<Button class="flex-1" onclick={() => void takeOff()}>Take it off</Button
      >{/if}
  </div>
</form>
