<script lang="ts">
  import { onMount } from 'svelte'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import { number } from '$ui/number-field'
  import type { NutDial } from './nut-dial.svelte'
  import { lengthUnits } from './unit-options'
  import type { SettingEntry } from './save-setting.svelte'
  import TorqueFields from './TorqueFields.svelte'

  interface Props {
    dial: NutDial
    entry: SettingEntry
    onsave: () => void
  }

  let { dial, entry, onsave }: Props = $props()

  let form: HTMLFormElement | undefined = $state()
  // on a phone the form starts below the dial
  onMount(() => form?.scrollIntoView({ block: 'nearest' }))

  const outside = $derived(dial.stepped && dial.chosen !== null && dial.chosen.verdict !== 'INSIDE')
  const noteHint = $derived(
    outside
      ? 'This stop is outside the window: say why.'
      : 'Reason for anything unusual, if there is one.',
  )
  const named = ['measuredEndPlay', 'note', 'finalTorque']
  const elsewhere = $derived(
    entry.problem !== null &&
      !entry.problem.errors.some((e) => named.some((n) => e.field.startsWith(n))),
  )
</script>

<form
  bind:this={form}
  class="rounded-plate border border-ink bg-sheet p-4"
  aria-label="Put the setting on record"
  onsubmit={(event) => {
    event.preventDefault()
    onsave()
  }}
>
  <h2 class="type-h">Locked: put it on record</h2>
  <div class="mt-3 grid gap-x-4 gap-y-3 tab:grid-cols-2">
    <Field
      label="End play read after locking"
      inputmode="decimal"
      autocomplete="off"
      data-key="measured"
      bind:value={entry.measured.text}
      error={entry.measuredError}
      hint={number(entry.measured.text) === null
        ? 'Push and pull at 3 and 9, turning the hub.'
        : ''}
      class="tab:col-span-2"
    >
      {#snippet unit()}
        <Choice
          label="Unit of end play"
          options={lengthUnits}
          value={entry.measured.unit}
          onchange={(next) => {
            entry.measured.unit = next
          }}
          class="ml-2"
        />
      {/snippet}
    </Field>
    <TorqueFields {dial} {entry} class="tab:col-span-2" />
    <Field
      label="Note"
      autocomplete="off"
      bind:value={entry.note}
      error={entry.fieldError('note')}
      hint={noteHint}
      class="tab:col-span-2"
    />
  </div>
  {#if entry.problem && elsewhere}
    <div class="mt-3">
      <ProblemCard title={entry.problem.title}><p>{entry.problem.detail}</p></ProblemCard>
    </div>
  {/if}
  <Button tone="main" type="submit" class="mt-4 w-full" disabled={entry.saving}>
    {entry.saving ? 'Saving …' : entry.problem ? 'Save again' : 'Save the setting'}
    <KeyCap key="S" />
  </Button>
</form>
