<script lang="ts">
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { number } from '$ui/number-field'
  import { type NutDial, torqueChoices } from '$features/nut-dial/state'
  import type { SettingEntry } from './save-setting.svelte'
  import TorqueQuestion from './TorqueQuestion.svelte'

  interface Props {
    dial: NutDial
    entry: SettingEntry
    class?: string
  }

  let { dial, entry, class: extra }: Props = $props()

  const typed = $derived(dial.torque())
  const question = $derived(typed ? dial.calculator.answer?.torque : undefined)
  const error = $derived.by(() => {
    const { text } = dial.finalTorque
    if (text.trim() !== '' && number(text) === null) return 'A plain number, such as 20'
    const refused = dial.calculator.problem?.errors.find((e) => e.field.startsWith('finalTorque'))
    return (
      refused?.remedy ?? (question && entry.torqueConfirmed ? '' : entry.fieldError('finalTorque'))
    )
  })

  function changed(unit = dial.finalTorque.unit, text = dial.finalTorque.text): void {
    dial.finalTorque = { text, unit }
    entry.torqueConfirmed = false
    dial.ask()
  }
</script>

<div class={extra}>
  <Field
    label="Final torque, if a wrench was used"
    inputmode="decimal"
    autocomplete="off"
    {error}
    bind:value={() => dial.finalTorque.text, (text) => changed(undefined, text)}
  >
    {#snippet unit()}
      <Choice
        label="Unit of torque"
        options={torqueChoices}
        value={dial.finalTorque.unit}
        onchange={(unit) => changed(unit)}
        class="ml-2"
      />
    {/snippet}
  </Field>
  {#if question && typed}
    <div class="mt-2">
      <TorqueQuestion
        {question}
        entered={typed}
        confirmed={entry.torqueConfirmed}
        onunit={(unit) => changed(unit)}
        onconfirm={() => (entry.torqueConfirmed = true)}
      />
    </div>
  {/if}
</div>
