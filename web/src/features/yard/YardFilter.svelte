<script lang="ts">
  import { KeyCap } from '$ui/key-cap'
  import { Choice } from '$ui/choice'
  import type { Show, Yard } from './yard.svelte'

  interface Props {
    yard: Yard
    onfilter: (show: Show, owner: string) => void
  }

  let { yard, onfilter }: Props = $props()

  const shows = [
    { value: 'ALL', label: 'all rigs' },
    { value: 'DUE', label: 'only what is due' },
  ] as const satisfies { value: Show; label: string }[]
  const owners = $derived(
    [...new Set(yard.view?.rigs.map((rig) => rig.ownerName).filter((name) => name !== ''))].sort(),
  )
  const id = $props.id()
  // typed anew only when the filter itself changes
  let typed = $derived(yard.owner)

  function ask(event: SubmitEvent): void {
    event.preventDefault()
    onfilter(yard.show, typed.trim())
  }
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-ink bg-sheet px-3 py-1.5">
  <Choice
    label="Which rigs"
    options={shows}
    value={yard.show}
    onchange={(show) => onfilter(show, yard.owner)}
  />
  <form onsubmit={ask} class="flex items-center gap-2">
    <label for={`${id}-owner`} class="text-label font-semibold">of</label>
    <input
      id={`${id}-owner`}
      bind:value={typed}
      list={`${id}-owners`}
      placeholder="any owner"
      autocomplete="off"
      aria-label="Owner"
      onchange={() => onfilter(yard.show, typed.trim())}
      class="min-h-11 w-48 rounded-plate border border-ink bg-wall px-3"
    />
    <datalist id={`${id}-owners`}>
      {#each owners as owner (owner)}<option value={owner}></option>{/each}
    </datalist>
    {#if yard.owner !== ''}
      <button
        type="button"
        class="min-h-11 px-2 font-semibold text-grease underline underline-offset-3"
        onclick={() => onfilter(yard.show, '')}>everybody’s</button
      >
    {/if}
  </form>
  <a
    href="/rigs/new"
    class="ml-auto flex min-h-11 items-center gap-2 rounded-plate border border-ink bg-wall px-3 font-semibold text-ink no-underline hover:bg-tray"
  >
    Enter a rig <KeyCap key="N" />
  </a>
</div>
