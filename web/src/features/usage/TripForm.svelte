<script lang="ts">
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import type { TripDraft } from './trip.svelte'
  import TripLeg from './TripLeg.svelte'

  interface Props {
    draft: TripDraft
    onsave: () => void
    oncancel: () => void
  }

  let { draft, onsave, oncancel }: Props = $props()

  const id = $props.id()
  const states = [
    { value: 'PLANNED', label: 'planned' },
    { value: 'DRIVEN', label: 'driven' },
    { value: 'CANCELLED', label: 'called off' },
  ] as const
  const said = ['name', 'from', 'to', 'km', 'note']
  const error = (field: string): string => draft.attempt.fieldError(field)

  function take(event: Event & { currentTarget: HTMLInputElement }): void {
    const file = event.currentTarget.files?.[0]
    if (file) void draft.measure(file)
  }
</script>

<form
  aria-label="A trip"
  class="grid gap-3 rounded-plate border border-ink bg-sheet p-3 tab:grid-cols-2"
  onsubmit={(event) => {
    event.preventDefault()
    onsave()
  }}
>
  <Field
    class="tab:col-span-2"
    label="Where to"
    autocomplete="off"
    bind:value={draft.name}
    error={error('name')}
  />
  <Field label="First day" type="date" bind:value={draft.from} error={error('from')} />
  <Field label="Last day" type="date" bind:value={draft.to} error={error('to')} />
  <NumberField
    label="Kilometres in all"
    bind:value={draft.km}
    error={error('km')}
    hint={draft.track || 'Leave empty where the legs tell.'}
  />
  <Choice
    class="self-start tab:mt-[22px]"
    label="Where it stands"
    options={states}
    value={draft.state}
    onchange={(state) => {
      draft.state = state
    }}
  />
  <div class="flex flex-col gap-1 tab:col-span-2">
    <label for={`${id}-gpx`} class="text-label font-semibold">A recorded track, GPX</label>
    <input
      id={`${id}-gpx`}
      type="file"
      accept=".gpx,application/gpx+xml"
      class="min-h-11 text-label"
      onchange={take}
    />
    {#if error('gpx')}<p class="text-min font-semibold text-oxide">{error('gpx')}</p>{/if}
    {#each draft.warnings as warning (warning)}<p class="text-min text-brass">{warning}</p>{/each}
  </div>
  {#each draft.legs as leg, i (leg.key)}
    <TripLeg {leg} number={i} {error} onremove={() => draft.removeLeg(leg.key)} />
  {/each}
  {#if draft.attempt.problem}
    <p class="text-label font-semibold text-oxide tab:col-span-2" role="alert">
      {draft.attempt.rest(
        (field) => said.includes(field) || field.startsWith('legs[') || field === 'gpx',
      )}
    </p>
  {/if}
  <Button onclick={() => draft.addLeg()}>Add a leg</Button>
  <div class="flex gap-2">
    <Button class="flex-1" onclick={oncancel}>Not now</Button>
    <Button class="flex-1" tone="main" type="submit" disabled={draft.attempt.busy}>Keep it</Button>
  </div>
</form>
