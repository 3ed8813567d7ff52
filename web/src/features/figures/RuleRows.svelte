<script lang="ts">
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import { newRow, rowsOf, type RuleRow } from './rules'
  import { actionOptions, triggerOptions, triggers } from './due-words'

  interface Props {
    rows: RuleRow[]
    onchange: (rows: RuleRow[]) => void
    error: (field: string) => string
  }

  let { rows, onchange, error }: Props = $props()

  let practices = $state.raw<Schemas['IntervalPracticeView'][]>([])
  const options = $derived([
    { value: '', label: 'none of them' },
    ...practices.map((one) => ({ value: one.id, label: one.name, note: one.source })),
  ])

  onMount(async () => {
    practices = await records.intervalPractices()
  })

  function change(key: string, part: Partial<RuleRow>): void {
    onchange(rows.map((row) => (row.key === key ? { ...row, ...part } : row)))
  }

  function copy(id: string): void {
    const practice = practices.find((one) => one.id === id)
    if (practice) onchange(rowsOf(practice.rules))
  }
</script>

<div class="flex flex-col gap-2 tab:col-span-2">
  <Pick label="Start from a practice of the trade" {options} value="" onchange={copy} />
  <p class="text-label text-ink2">Of several rules for one thing the sooner counts.</p>
  {#each rows as row, i (row.key)}
    <fieldset
      class="grid items-end gap-2 border-t border-rule pt-2 tab:grid-cols-[minmax(0,5fr)_minmax(0,5fr)_minmax(0,4fr)_auto]"
    >
      <legend class="sr-only">Rule {i + 1}</legend>
      <Pick
        label="What"
        options={actionOptions}
        value={row.action}
        onchange={(action) => change(row.key, { action })}
      />
      <Pick
        label="By"
        options={triggerOptions}
        value={row.trigger}
        onchange={(trigger) => change(row.key, { trigger })}
      />
      <NumberField
        label={triggers[row.trigger].unit}
        value={row.number}
        oninput={(event) => change(row.key, { number: event.currentTarget.value })}
        error={error(`rules[${i}].number`) || error(`rules[${i}].trigger`)}
      />
      <Button
        size="list"
        class="min-h-11"
        aria-label={`Take rule ${i + 1} out`}
        onclick={() => onchange(rows.filter((one) => one.key !== row.key))}>Out</Button
      >
    </fieldset>
  {/each}
  {#if error('rules')}<p class="text-min font-semibold text-oxide">{error('rules')}</p>{/if}
  <Button size="list" class="min-h-11 self-start" onclick={() => onchange([...rows, newRow()])}
    >One more rule</Button
  >
</div>
