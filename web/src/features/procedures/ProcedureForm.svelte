<script lang="ts">
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import type { ProcedureEntry } from './procedure-entry.svelte'
  import StepFields from './StepFields.svelte'

  interface Props {
    entry: ProcedureEntry
    /** Saved, or left. */
    onclose: () => void
  }

  let { entry, onclose }: Props = $props()

  const fields = [
    { key: 'label', label: 'Name of the sequence', hint: '', most: 60 },
    {
      key: 'source',
      label: 'Source',
      hint: 'manual, chapter and page, or whose rule it is',
      most: 120,
    },
    { key: 'usedOn', label: 'Used on', hint: '', most: 80 },
    { key: 'endsWith', label: 'Ends with', hint: '', most: 80 },
  ] as const

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await entry.save()) onclose()
  }
</script>

<form onsubmit={save} class="mt-3 flex flex-col gap-3 border-2 border-ink bg-sheet p-3">
  <div class="grid gap-3 tab:grid-cols-2">
    {#each fields as field (field.key)}
      <Field
        label={field.label}
        hint={field.hint}
        autocomplete="off"
        maxlength={field.most}
        bind:value={entry[field.key]}
        error={entry.fieldError(field.key)}
      />
    {/each}
  </div>
  <ol class="flex flex-col gap-2">
    {#each entry.steps as step, i (i)}
      <li class="border-t border-rule pt-2">
        <StepFields
          {step}
          number={i + 1}
          errorAt={(field) => entry.fieldError(`steps[${i}].${field}`)}
        />
        <div class="mt-1 flex flex-wrap gap-2">
          <Button size="list" onclick={() => entry.add(i)}>One more after it</Button>
          <Button size="list" aria-label={`Take step ${i + 1} out`} onclick={() => entry.remove(i)}
            >Take it out</Button
          >
        </div>
      </li>
    {/each}
  </ol>
  {#if entry.problem}
    <p role="alert" class="font-semibold text-oxide">
      {entry.rest((field) => field !== 'steps' && !/^steps\[\d+\]$/.test(field)) ||
        'Not saved: see above.'}
    </p>
  {/if}
  <div class="flex flex-wrap gap-2">
    <Button type="submit" size="list" disabled={entry.busy}>Save the sequence</Button>
    <Button size="list" onclick={onclose}>Leave it</Button>
  </div>
</form>
