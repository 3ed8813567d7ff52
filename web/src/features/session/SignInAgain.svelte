<script lang="ts">
  import { Dialog } from 'bits-ui'
  import CodeForm from './CodeForm.svelte'
  import { session } from './session.svelte'
  import SignInForm from './SignInForm.svelte'
</script>

<!-- Over the work, which stays as it is: nothing that was entered is lost. -->
<Dialog.Root open={session.lost} onOpenChange={() => {}}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-ink/50" />
    <Dialog.Content
      escapeKeydownBehavior="ignore"
      interactOutsideBehavior="ignore"
      class="fixed top-16 left-1/2 z-50 w-[min(440px,calc(100vw-2rem))] -translate-x-1/2 rounded-plate border-2 border-ink bg-sheet p-5"
    >
      <Dialog.Title class="type-h">Sign in again</Dialog.Title>
      <Dialog.Description class="mt-1 mb-3 text-ink2">
        This device was signed out. What you entered is still here beneath.
      </Dialog.Description>
      {#if session.view?.codeWanted}<CodeForm />{:else}<SignInForm />{/if}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
