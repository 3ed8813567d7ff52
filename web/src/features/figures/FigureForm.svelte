<script lang="ts">
  import type { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import RuleRows from './RuleRows.svelte'
  import type { FigureDraft } from './figure-entry.svelte'
  import { isTorque, kindWords, type FigureKind } from './words'

  interface Props {
    draft: FigureDraft
    attempt: Attempt
    procedures: Schemas['ProcedureView'][]
    /** Whether the kind can still be chosen. */
    kindFixed?: boolean
    /** Only the workshop's own rules are entered here. */
    rulesOnly?: boolean
    onsave: () => void
    oncancel: () => void
    onwithdraw?: () => void
  }

  let {
    draft,
    attempt,
    procedures,
    kindFixed = false,
    rulesOnly = false,
    onsave,
    oncancel,
    onwithdraw,
  }: Props = $props()

  const kinds = (Object.keys(kindWords) as FigureKind[]).map((value) => ({
    value,
    label: kindWords[value],
  }))
  const authorities = [
    { value: 'MAKER', label: "maker's" },
    { value: 'WORKSHOP', label: 'our rule' },
  ] as const
  const lengthUnits = [
    { value: 'MILLIMETRE', label: 'mm' },
    { value: 'THOUSANDTH_INCH', label: 'thou' },
  ] as const
  const torqueUnits = [
    { value: 'NEWTON_METRE', label: 'N·m' },
    { value: 'POUND_FORCE_FOOT', label: 'lbf·ft' },
    { value: 'POUND_FORCE_INCH', label: 'lbf·in' },
  ] as const
  const procedureOptions = $derived(
    procedures.map((s) => ({ value: s.id, label: s.label, note: s.usedOn })),
  )
  const ranged = $derived(draft.kind === 'END_PLAY' || isTorque(draft.kind))
  const error = (...fields: string[]): string =>
    fields.map((field) => attempt.fieldError(field)).find((remedy) => remedy !== '') ?? ''
</script>

<form
  aria-label="A figure"
  class="grid gap-x-3 gap-y-3 rounded-plate border border-ink bg-sheet p-3 tab:grid-cols-2"
  onsubmit={(event) => {
    event.preventDefault()
    onsave()
  }}
>
  {#if kindFixed}
    <p class="type-card tab:col-span-2">{kindWords[draft.kind]}</p>
  {:else}
    <Pick
      label="Figure"
      options={kinds}
      value={draft.kind}
      onchange={(kind) => {
        draft.kind = kind
      }}
    />
  {/if}
  {#if !rulesOnly}
    <div class="flex flex-col gap-1">
      <span class="text-label font-semibold">Whose figure</span>
      <Choice
        label="Whose figure"
        options={authorities}
        value={draft.authority === 'WORKSHOP' ? 'WORKSHOP' : 'MAKER'}
        onchange={(authority) => {
          draft.authority = authority
        }}
      />
    </div>
  {/if}
  {#if ranged}
    <Field
      label="From"
      inputmode="decimal"
      autocomplete="off"
      bind:value={draft.least}
      error={error('least', 'least.number', 'leastTorque', 'leastTorque.number')}
      hint={draft.kind === 'END_PLAY' ? 'Below zero is preload.' : ''}
    />
    <div class="flex items-start gap-2">
      <Field
        class="flex-1"
        label="To"
        inputmode="decimal"
        autocomplete="off"
        bind:value={draft.most}
        error={error('most', 'most.number', 'mostTorque', 'mostTorque.number')}
      />
      {#if draft.kind === 'END_PLAY'}
        <Choice
          class="mt-[22px]"
          label="Unit"
          options={lengthUnits}
          value={draft.lengthUnit}
          onchange={(unit) => {
            draft.lengthUnit = unit
          }}
        />
      {:else}
        <Choice
          class="mt-[22px]"
          label="Unit"
          options={torqueUnits}
          value={draft.torqueUnit}
          onchange={(unit) => {
            draft.torqueUnit = unit
          }}
        />
      {/if}
    </div>
  {:else if draft.kind === 'INTERVAL'}
    <RuleRows
      rows={draft.rules}
      onchange={(rules) => {
        draft.rules = rules
      }}
      {error}
    />
  {:else}
    {#if draft.kind === 'NUT_SEQUENCE'}
      <Pick
        class="tab:col-span-2"
        label="Nearest procedure"
        options={procedureOptions}
        value={draft.procedure}
        onchange={(procedure) => {
          draft.procedure = procedure
        }}
      />
    {/if}
    <Field
      class="tab:col-span-2"
      label={draft.kind === 'GREASE'
        ? 'Grease'
        : draft.kind === 'SPANNERS'
          ? 'Sizes, such as 27 mm nut, 19 mm wheel nuts'
          : 'In their own words and numbers'}
      autocomplete="off"
      bind:value={draft.words}
      error={error('words')}
    />
  {/if}
  <Field
    class="tab:col-span-2"
    label="Where it stands"
    autocomplete="off"
    bind:value={draft.source}
    error={error('source')}
    hint="Manual, chapter, page; or why the workshop does so."
  />
  {#if attempt.problem && attempt.problem.errors.length === 0}
    <div class="tab:col-span-2">
      <ProblemCard title={attempt.problem.title}><p>{attempt.problem.detail}</p></ProblemCard>
    </div>
  {/if}
  <Button tone="main" type="submit" disabled={attempt.busy}>File it</Button>
  <div class="flex gap-2">
    <Button class="flex-1" onclick={oncancel}>Not now</Button>
    {#if onwithdraw}<Button class="flex-1" onclick={onwithdraw}>Withdraw it</Button>{/if}
  </div>
</form>
