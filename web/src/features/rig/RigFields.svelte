<script lang="ts">
  import { today as theDay } from '$features/display'
  import type { Attempt } from '$api/attempt.svelte'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { RigEntry } from './rig-entry.svelte'
  import { distances, uses } from './words'

  interface Props {
    entry: RigEntry
    attempt: Attempt
  }

  let { entry, attempt }: Props = $props()

  const today = theDay()
  const error = (field: string): string =>
    attempt.fieldError(field) || attempt.fieldError(`rig.${field}`)
</script>

<div class="grid gap-x-3 gap-y-3 tab:grid-cols-2">
  <Field label="Owner" autocomplete="off" bind:value={entry.ownerName} error={error('ownerName')} />
  <Field
    label="How to reach them"
    autocomplete="off"
    bind:value={entry.ownerContact}
    error={error('ownerContact')}
  />
  <Field
    label="Year built"
    inputmode="numeric"
    autocomplete="off"
    bind:value={entry.builtIn}
    error={error('builtIn')}
  />
  <Pick
    label="Distance known by"
    options={distances}
    value={entry.distanceBy}
    onchange={(by) => {
      entry.distanceBy = by
    }}
  />
  {#if entry.distanceBy === 'ODOMETER' || entry.distanceBy === 'HUB_METER'}
    <Field
      label="Reading, km"
      inputmode="numeric"
      autocomplete="off"
      bind:value={entry.km}
      error={error('distance.km')}
    />
    <Field
      label="Read on"
      type="date"
      max={today}
      bind:value={entry.readOn}
      error={error('distance.readOn')}
    />
  {/if}
  <Field
    label="Runs in a year, km"
    inputmode="numeric"
    autocomplete="off"
    bind:value={entry.yearlyKm}
    error={error('distance.yearlyKm')}
    hint="A guess does."
  />
  <fieldset class="tab:col-span-2">
    <legend class="text-label font-semibold">What it goes through</legend>
    <div class="mt-1 flex flex-wrap gap-1.5">
      {#each uses as use (use.value)}
        <label
          class={[
            'flex min-h-11 cursor-pointer items-center gap-2 rounded-plate border border-ink px-3 text-label font-semibold has-focus-visible:outline-3 has-focus-visible:outline-grease',
            entry.uses.includes(use.value) ? 'bg-ink text-wall' : 'bg-sheet',
          ]}
        >
          <input
            type="checkbox"
            class="sr-only"
            checked={entry.uses.includes(use.value)}
            onchange={() => entry.toggle(use.value)}
          />
          {use.label}
        </label>
      {/each}
    </div>
  </fieldset>
</div>
