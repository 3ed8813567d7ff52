<script lang="ts">
  import type { Schemas } from '$api/client'
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
    ondone: () => void
  }

  let { end, place, words, now, ondone }: Props = $props()

  const today = new Date().toISOString().slice(0, 10)
  const conditions = [
    { value: 'NEW', label: 'new' },
    { value: 'REUSED', label: 'reused' },
  ] as const
  // a fresh form each time it is opened: it starts from what is fitted
  // svelte-ignore state_referenced_locally
  const start = now
  const form = $state({
    designation: start?.designation ?? '',
    cup: start?.cupDesignation ?? '',
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

  async function fit(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const km = number(form.fittedKm)
    const saved = await end.fit({
      id,
      place,
      designation: form.designation,
      ...(bearing && form.cup.trim() !== '' ? { cupDesignation: form.cup } : {}),
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
  <Field
    label={bearing ? 'Cone' : 'Designation'}
    autocomplete="off"
    autocapitalize="characters"
    spellcheck="false"
    bind:value={form.designation}
    error={error('designation')}
    hint={bearing ? 'As it stands on the ring.' : 'As it stands on the part, or its size.'}
  />
  {#if bearing}
    <Field
      label="Cup"
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
      bind:value={form.cup}
      error={error('cupDesignation')}
      hint="Cone and cup are one set."
    />
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
  <Button tone="main" type="submit" disabled={end.fitting.busy}>Fit it</Button>
  <div class="flex gap-2">
    <Button class="flex-1" onclick={ondone}>Not now</Button>
    {#if now}<Button class="flex-1" onclick={() => void takeOff()}>Take it off</Button>{/if}
  </div>
</form>
