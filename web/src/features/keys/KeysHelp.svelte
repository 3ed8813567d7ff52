<script lang="ts">
  import { Dialog } from 'bits-ui'
  import { KeyCap } from '$ui/key-cap'
  import { keys } from './keys.svelte'

  const names: Record<string, string> = {
    ' ': 'Space',
    ArrowLeft: '←',
    ArrowRight: '→',
    ArrowUp: '↑',
    ArrowDown: '↓',
    PageDown: 'PgDn',
    PageUp: 'PgUp',
  }
</script>

<Dialog.Root bind:open={keys.helpOpen}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-ink/50" />
    <Dialog.Content
      class="fixed top-16 right-4 z-50 max-h-[80dvh] w-[min(440px,calc(100vw-2rem))] overflow-y-auto rounded-plate border-2 border-ink bg-sheet p-5"
    >
      <Dialog.Title class="type-h">Keys</Dialog.Title>
      <Dialog.Description class="mt-1 text-ink2">
        Every action has one. A page-turner pedal sends PgDn and PgUp.
      </Dialog.Description>
      <dl class="mt-4">
        {#each keys.listed as binding (`${binding.does} ${binding.keys.join(' ')}`)}
          <div class="flex items-center justify-between gap-4 border-t border-rule py-2">
            <dt>{binding.does}</dt>
            <dd class="flex flex-none gap-1.5">
              {#if binding.ctrl}<KeyCap key="Ctrl" />{/if}
              {#each binding.keys as key (key)}<KeyCap
                  key={names[key] ?? key.toUpperCase()}
                />{/each}
            </dd>
          </div>
        {/each}
      </dl>
      <Dialog.Close
        class="mt-4 min-h-11 w-full rounded-plate border border-ink font-semibold hover:bg-tray"
      >
        Close
      </Dialog.Close>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
