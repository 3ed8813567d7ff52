<script lang="ts">
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import type { LegDraft } from './trip.svelte'

  interface Props {
    leg: LegDraft
    /** From 0. */
    number: number
    error: (field: string) => string
    onremove: () => void
  }

  let { leg, number, error, onremove }: Props = $props()

  const at = (field: string): string => error(`legs[${number}].${field}`)
</script>

<fieldset class="grid grid-cols-2 gap-2 border-t border-rule pt-2 tab:col-span-2 tab:grid-cols-6">
  <legend class="sr-only">Leg {number + 1}</legend>
  <Field
    class="col-span-2 tab:col-span-3"
    label={`Leg ${number + 1} to`}
    autocomplete="off"
    bind:value={leg.to}
    error={at('to')}
  />
  <Field class="tab:col-span-2" label="On" type="date" bind:value={leg.on} error={at('on')} />
  <NumberField label="km" bind:value={leg.km} error={at('km')} />
  <NumberField
    class="tab:col-span-2"
    label="Water crossings"
    bind:value={leg.crossings}
    error={at('crossings')}
  />
  <NumberField label="Dunkings" bind:value={leg.dunkings} error={at('dunkings')} />
  <label class="flex min-h-11 items-center gap-2 self-end text-label tab:col-span-2">
    <input type="checkbox" class="size-6 accent-grease-fill" bind:checked={leg.noHelp} />no help
    there
  </label>
  <button
    type="button"
    class="min-h-11 self-end justify-self-end px-2 text-label text-grease underline"
    aria-label={`Take leg ${number + 1} out`}
    onclick={onremove}>take out</button
  >
</fieldset>
