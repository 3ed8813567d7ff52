<script lang="ts">
  import { onMount } from 'svelte'
  import { outbox } from '$features/outbox'
  import { PlayReadings } from '$features/play'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import type { NutDial } from '$features/nut-dial/state'
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

  const outside = $derived(
    dial.stepped &&
      dial.chosen !== null &&
      dial.chosen.verdict !== 'INSIDE' &&
      dial.chosen.verdict !== 'USABLE',
  )
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
    <div class="tab:col-span-2">
      <h3 class="type-card">End play read after locking</h3>
      <p class="mb-1 text-label text-ink2">Push and pull at 3 and 9, turning the hub to and fro.</p>
      <PlayReadings play={entry.play} />
      {#if entry.fieldError('measuredEndPlay')}
        <p role="alert" class="font-semibold text-oxide">{entry.fieldError('measuredEndPlay')}</p>
      {/if}
    </div>
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
    {entry.saving && outbox.problem
      ? 'Kept here, not sent yet'
      : entry.saving
        ? 'Saving …'
        : entry.problem
          ? 'Save again'
          : 'Save the setting'}
    <KeyCap key="S" />
  </Button>
</form>
