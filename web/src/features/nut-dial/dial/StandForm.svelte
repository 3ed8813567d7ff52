<script lang="ts">
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { lengthUnits, marksOf, type NutDial, partsOf } from '$features/nut-dial/state'

  interface Props {
    dial: NutDial
  }

  let { dial }: Props = $props()

  const parts = $derived(partsOf(dial.hub.lock))
  const marks = $derived(
    marksOf(dial.hub.lock).map((_, i) => ({
      value: String(i + 1),
      label: `${parts.fixed} ${i + 1}`,
    })),
  )
  const refused = $derived(dial.calculator.problem?.errors ?? [])
  const errorAt = (field: string): string =>
    refused.find((e) => e.field.startsWith(field))?.remedy ?? ''
</script>

<!-- the same as turning the drawn nut, for those who would rather type -->
<div class="grid grid-cols-1 gap-x-4 gap-y-2 tab:grid-cols-2">
  {#if dial.stepped}
    <Field
      label={`Nearest ${parts.turning} is short of the ${parts.fixed} by, in degrees`}
      inputmode="decimal"
      autocomplete="off"
      bind:value={() => dial.slotText, (text) => dial.typeSlot(text)}
      error={dial.slotError || errorAt('reading.looser')}
      hint="Counted looser; minus when past it."
      disabled={dial.backedOff}
    >
      {#snippet unit()}
        {#if marks.length > 1}
          <Choice
            label={`Which ${parts.fixed}`}
            options={marks}
            value={String(dial.mark)}
            onchange={(mark) => dial.lookAt(Number(mark))}
            class="ml-2"
          />
        {/if}
      {/snippet}
    </Field>
  {/if}
  <Field
    label="End play where it stands now"
    inputmode="decimal"
    autocomplete="off"
    data-key="here"
    bind:value={
      () => dial.endPlayHere.text,
      (text) => {
        dial.endPlayHere.text = text
        dial.changed()
      }
    }
    error={dial.endPlayError || errorAt('reading.endPlay')}
    hint="Empty: this is zero play, by feel."
    disabled={dial.backedOff}
  >
    {#snippet unit()}
      <Choice
        label="Unit of end play here"
        options={lengthUnits}
        value={dial.endPlayHere.unit}
        onchange={(unit) => {
          dial.endPlayHere.unit = unit
          dial.changed()
        }}
        class="ml-2"
      />
    {/snippet}
  </Field>
</div>
