<script lang="ts">
  import { Choice } from '$ui/choice'
  import { WithSizes } from '$features/calliper'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { Identify, Instrument, Measurand } from './identify.svelte'

  interface Props {
    identify: Identify
  }

  let { identify }: Props = $props()

  const units = [
    { value: 'MILLIMETRE', label: 'mm' },
    { value: 'INCH', label: 'in' },
  ] as const
  const instruments = $derived(
    identify.reference?.instruments.map((one) => ({
      value: one.id,
      label: one.words,
      note: one.onlyBounds ? 'says only on which side' : `± ${one.uncertainty.millimetres} mm`,
    })) ?? [],
  )
  const inside = (id: Measurand): boolean => id === 'CONE_BORE' || id.startsWith('SEAL')
  let timer: ReturnType<typeof setTimeout> | undefined

  /** Not at every key: a half-typed number is another bearing. */
  function soon(): void {
    clearTimeout(timer)
    timer = setTimeout(() => void identify.ask(), 250)
  }

  function tool(id: Measurand, instrument: Instrument): void {
    const reading = identify.readings[id]
    if (reading) reading.instrument = instrument
    void identify.ask()
  }
</script>

<div class="flex items-center justify-between gap-3">
  <h2 id="measured" class="type-h">What you measured</h2>
  <Choice
    label="Unit of the readings"
    options={units}
    value={identify.unit}
    onchange={(unit) => {
      identify.unit = unit
      if (identify.isExample) identify.example()
      else void identify.ask()
    }}
  />
</div>
<WithSizes drawing="bearing">
  <ul aria-labelledby="measured" class="border-t-2 border-ink">
    {#each identify.reference?.measurands ?? [] as { id, words } (id)}
      {@const reading = identify.readings[id]}
      {#if reading}
        <li
          class={[
            'grid grid-cols-[1fr_10.5rem] items-start gap-x-3 border-b border-rule px-1 py-2',
            identify.next?.measurand === id && 'bg-grease-wash',
          ]}
        >
          <Field
            label={words}
            inputmode="decimal"
            autocomplete="off"
            bind:value={reading.text}
            oninput={soon}
            error={identify.errorOf(id)}
            hint={identify.next?.measurand === id ? 'Measure this next.' : ''}
            data-measurand={id}
            data-size={id}
          />
          <Pick
            label="with"
            options={inside(id) ? instruments : instruments.slice(0, 3)}
            value={reading.instrument}
            onchange={(instrument) => tool(id, instrument)}
          />
        </li>
      {/if}
    {/each}
  </ul>
</WithSizes>
<button
  type="button"
  class="min-h-11 self-start px-1 font-semibold text-grease underline underline-offset-3"
  onclick={() => identify.clear()}>Start again</button
>
