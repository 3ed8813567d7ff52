<script lang="ts">
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import type { MeterDraft, Usage } from './usage.svelte'

  interface Props {
    usage: Usage
    draft: MeterDraft
    ondone: () => void
  }

  let { usage, draft, ondone }: Props = $props()

  const kinds = [
    { value: 'READ', label: 'read off' },
    { value: 'OTHER_METER', label: 'meter changed' },
    { value: 'ROLLED_OVER', label: 'rolled over' },
  ] as const
  const error = (field: string): string => usage.attempt.fieldError(field)
  const kept = $derived(usage.view?.meter.find((entry) => entry.id === draft.id))

  async function save(): Promise<void> {
    const form = draft.toForm()
    if (form && (await usage.read(draft.id, form))) ondone()
  }

  async function takeBack(): Promise<void> {
    if (kept && (await usage.takeBack(kept))) ondone()
  }
</script>

<form
  aria-label="A reading of the meter"
  class="grid gap-3 rounded-plate border border-ink bg-sheet p-3 tab:grid-cols-2"
  onsubmit={(event) => {
    event.preventDefault()
    void save()
  }}
>
  <NumberField label="The meter shows, km" bind:value={draft.shows} error={error('shows')} />
  <Field label="On" type="date" bind:value={draft.on} error={error('on')} />
  <div class="flex flex-col gap-1 tab:col-span-2">
    <span class="text-label font-semibold">How it follows on the reading before</span>
    <Choice
      class="flex-wrap"
      label="How it follows on the reading before"
      options={kinds}
      value={draft.kind}
      onchange={(kind) => {
        draft.kind = kind
      }}
    />
  </div>
  {#if draft.kind !== 'READ'}
    <NumberField
      class="tab:col-span-2"
      label={draft.kind === 'OTHER_METER'
        ? 'The old meter showed last, km'
        : 'It begins again at, km'}
      bind:value={draft.before}
      hint={draft.kind === 'ROLLED_OVER' ? '100000 for a meter of five figures.' : ''}
      error={error('before')}
    />
  {/if}
  {#if usage.attempt.problem}
    <p class="text-label font-semibold text-oxide tab:col-span-2" role="alert">
      {usage.attempt.rest((field) => ['shows', 'on', 'before'].includes(field))}
    </p>
  {/if}
  <Button tone="main" type="submit" disabled={usage.attempt.busy}>Write it down</Button>
  <div class="flex gap-2">
    <Button class="flex-1" onclick={ondone}>Not now</Button>
    {#if kept}<Button class="flex-1" onclick={() => void takeBack()}>Take it back</Button>{/if}
  </div>
</form>
