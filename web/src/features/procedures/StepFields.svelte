<script lang="ts">
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import type { TypedStep } from './procedure-entry.svelte'

  interface Props {
    step: TypedStep
    /** From 1. */
    number: number
    errorAt: (field: string) => string
  }

  let { step, number, errorAt }: Props = $props()

  const kinds = [
    { value: 'SEAT', label: 'seat' },
    { value: 'RELEASE', label: 'release' },
    { value: 'FINAL', label: 'fine setting' },
    { value: 'BACK_OFF_TO_STOP', label: 'to the stop' },
    { value: 'LOCK_AND_CHECK', label: 'lock and check' },
  ] as const
  const motions = [
    { value: 'TURN_BOTH_WAYS', label: 'turning both ways' },
    { value: 'HOLD_STILL', label: 'held still' },
    { value: 'TURN_AND_FEEL', label: 'turned and felt' },
  ] as const
  const units = [
    { value: 'NEWTON_METRE', label: 'N·m' },
    { value: 'POUND_FORCE_FOOT', label: 'lbf·ft' },
    { value: 'POUND_FORCE_INCH', label: 'lbf·in' },
    { value: 'KILOGRAM_FORCE_METRE', label: 'kgf·m' },
  ] as const
</script>

<div class="grid grid-cols-2 gap-2 tab:grid-cols-6">
  <Pick
    class="tab:col-span-2"
    label={`Step ${number}`}
    options={kinds}
    value={step.kind}
    onchange={(kind) => {
      step.kind = kind
    }}
  />
  <Field
    class="col-span-2 tab:col-span-4"
    label="What to do"
    autocomplete="off"
    maxlength={120}
    bind:value={step.says}
    error={errorAt('says')}
  />
  <NumberField label="Torque from" bind:value={step.least} error={errorAt('torque')} />
  <NumberField label="to" bind:value={step.most} />
  <Pick
    label="Unit"
    options={units}
    value={step.unit}
    onchange={(unit) => {
      step.unit = unit
    }}
  />
  <NumberField
    label="Nut turned, °"
    hint="looser; minus is on"
    bind:value={step.turn}
    error={errorAt('turnDegrees')}
  />
  <Pick
    label="Hub"
    options={motions}
    value={step.hub}
    onchange={(hub) => {
      step.hub = hub
    }}
  />
  <NumberField
    label="Turns of it"
    hint="at least"
    bind:value={step.hubTurns}
    error={errorAt('hubTurns')}
  />
  <Field
    class="col-span-2 tab:col-span-6"
    label="What goes wrong here"
    autocomplete="off"
    maxlength={200}
    bind:value={step.lookOutFor}
    error={errorAt('lookOutFor')}
  />
</div>
