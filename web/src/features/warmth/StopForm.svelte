<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { NumberField } from '$ui/number-field'
  import type { StopDraft } from './stop-draft.svelte'

  interface Props {
    draft: StopDraft
    ends: { wheelEndId: string; name: string }[]
    touches: Schemas['TouchView'][]
    onsave: () => void
  }

  let { draft, ends, touches, onsave }: Props = $props()

  const id = $props.id()
  const short = { COOL: 'cool', WARM: 'warm', HOT: 'hot', TOO_HOT: 'too hot' } as const
  const ways = [
    { value: 'hand', label: 'by hand' },
    { value: 'thermometer', label: 'by thermometer' },
  ] as const
  const said = ['tripKm', 'dayCelsius']
</script>

<form
  aria-label="How warm the hubs are"
  class="flex flex-col gap-3"
  onsubmit={(event) => {
    event.preventDefault()
    onsave()
  }}
>
  <p class="border-l-4 border-oxide bg-oxide-wash px-3 py-2 text-label">
    <span class="font-semibold">A hub can burn.</span> Hold the back of the hand near it first. Park off
    the road, chocked, away from traffic.
  </p>
  <Choice
    label="How it was taken"
    options={ways}
    value={draft.by}
    onchange={(by) => {
      draft.by = by
      draft.keep()
    }}
  />
  {#if draft.by === 'hand'}
    <p class="text-min text-ink2">
      {touches.map((touch) => touch.words).join('; ')}.
    </p>
  {/if}
  {#each ends as end, i (end.wheelEndId)}
    <fieldset class="border-t border-ink pt-2">
      <legend class="float-left w-full pb-1 type-card first-letter:uppercase">{end.name}</legend>
      {#if draft.by === 'hand'}
        <div
          class="clear-both grid grid-cols-4"
          role="group"
          aria-label={`How the ${end.name} hub feels`}
        >
          {#each touches as touch (touch.touch)}
            <button
              type="button"
              aria-pressed={draft.touches[end.wheelEndId] === touch.touch}
              aria-label={touch.words}
              class={[
                '-ml-px min-h-14 border border-ink bg-sheet px-1 font-semibold first:ml-0 first:rounded-l-plate last:rounded-r-plate',
                'aria-pressed:bg-ink aria-pressed:text-wall',
              ]}
              onclick={() => {
                draft.feel(end.wheelEndId, touch.touch)
              }}>{short[touch.touch]}</button
            >
          {/each}
        </div>
      {:else}
        <div class="clear-both">
          <NumberField
            label={`${end.name}, °C`}
            bind:value={
              () => draft.celsius[end.wheelEndId] ?? '',
              (text) => {
                draft.read(end.wheelEndId, text)
              }
            }
            error={draft.attempt.fieldError(`hubs[${i}].celsius`)}
          />
        </div>
      {/if}
    </fieldset>
  {/each}
  <div class="grid gap-3 border-t border-ink pt-3 tab:grid-cols-2">
    {#if draft.whereabouts}
      <NumberField
        label="km since you left"
        bind:value={draft.tripKm}
        error={draft.attempt.fieldError('tripKm')}
      />
    {/if}
    <NumberField
      label="The day, °C, if you know"
      bind:value={draft.day}
      error={draft.attempt.fieldError('dayCelsius')}
    />
  </div>
  {#if draft.attempt.problem}
    <p id={`${id}-wrong`} class="font-semibold text-oxide" role="alert">
      {draft.attempt.rest((field) => said.includes(field) || field.startsWith('hubs['))}
      What you felt is kept on this device; try again.
    </p>
  {/if}
  <div class="sticky bottom-0 -mx-4 border-t border-ink bg-wall px-4 py-3">
    <Button class="w-full" tone="main" type="submit" disabled={!draft.filled || draft.attempt.busy}
      >Log this stop</Button
    >
  </div>
</form>
