<script lang="ts">
  import { Dialog } from 'bits-ui'
  import { goto } from '$app/navigation'
  import { palette, type Target } from './palette.svelte'

  const id = $props.id()
  let chosen = $state(0)
  let box = $state<HTMLInputElement | null>(null)

  function go(target: Target | undefined): void {
    if (!target) return
    palette.open = false
    void goto(target.href)
  }

  function steer(event: KeyboardEvent): void {
    const count = palette.targets.length
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault()
      chosen = count === 0 ? 0 : (chosen + (event.key === 'ArrowDown' ? 1 : -1) + count) % count
      document.getElementById(`${id}-${chosen}`)?.scrollIntoView({ block: 'nearest' })
    } else if (event.key === 'Enter') {
      event.preventDefault()
      void palette.settled().then(() => go(palette.targets[chosen]))
    }
  }

  function ask(): void {
    chosen = 0
    void palette.ask()
  }

  /** The box takes the focus a moment after it opens; letters typed until then are for it too. */
  function typedEarly(event: KeyboardEvent): void {
    if (!palette.open || event.defaultPrevented || event.target === box) return
    if (event.ctrlKey || event.metaKey || event.altKey) return
    if (event.key.length === 1) {
      event.preventDefault()
      palette.typed += event.key
      ask()
    } else {
      steer(event)
    }
  }
</script>

<svelte:window onkeydown={typedEarly} />

<Dialog.Root bind:open={palette.open}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-ink/50" />
    <Dialog.Content
      class="fixed top-[8vh] left-1/2 z-50 flex max-h-[80vh] w-[min(40rem,94vw)] -translate-x-1/2 flex-col rounded-plate border-2 border-ink bg-sheet"
    >
      <Dialog.Title class="sr-only"
        >Find a rig, plate, owner, batch, wheel end or reckoning</Dialog.Title
      >
      <input
        type="text"
        role="combobox"
        aria-expanded="true"
        aria-controls={`${id}-list`}
        aria-activedescendant={palette.targets.length > 0 ? `${id}-${chosen}` : undefined}
        aria-label="Find"
        placeholder="Rig, plate, owner, batch, wheel end, reckoning"
        autocomplete="off"
        spellcheck="false"
        bind:this={box}
        bind:value={palette.typed}
        oninput={ask}
        onkeydown={steer}
        class="min-h-14 w-full border-b-2 border-ink bg-sheet px-4 text-read"
      />
      <ul id={`${id}-list`} role="listbox" aria-label="Found" class="overflow-y-auto">
        {#each palette.targets as target, i (target.kind + target.href + target.label)}
          <!-- svelte-ignore a11y_click_events_have_key_events (the box above takes the keys) -->
          <li
            id={`${id}-${i}`}
            role="option"
            aria-selected={i === chosen}
            onclick={() => go(target)}
            onpointermove={() => (chosen = i)}
            class={[
              'grid min-h-12 cursor-pointer grid-cols-[5.5rem_1fr] items-center gap-x-3 border-b border-rule px-4 py-1.5',
              i === chosen && 'bg-tray',
            ]}
          >
            <span class="text-min text-ink2">{target.kind}</span>
            <span class="leading-tight">
              <span class="font-semibold">{target.label}</span>
              <span class="block text-label text-ink2">{target.detail}</span>
            </span>
          </li>
        {/each}
      </ul>
      {#if palette.problem}
        <p class="px-4 py-3 font-semibold text-oxide">{palette.problem}</p>
      {:else if palette.targets.length === 0}
        <p class="px-4 py-3">Nothing begins like that. Try a plate, an owner or a batch.</p>
      {/if}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
