<script lang="ts">
  import { Field } from '$ui/field'

  interface Props {
    onwaive: (reason: string) => Promise<boolean>
  }

  let { onwaive }: Props = $props()

  let open = $state(false)
  let reason = $state('')

  async function waive(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await onwaive(reason)) open = false
  }
</script>

{#if open}
  <form onsubmit={waive} class="flex items-end gap-2 border-t border-rule p-2">
    <Field label="Why is it let go?" class="flex-1" bind:value={reason} maxlength={1000} required />
    <button
      type="submit"
      class="min-h-11 rounded-plate border border-ink px-3 font-semibold hover:bg-tray"
      >Let it go</button
    >
  </form>
{:else}
  <button
    type="button"
    class="min-h-8 px-3 pb-1 text-label font-semibold text-grease underline underline-offset-3"
    onclick={() => {
      open = true
    }}>It cannot be so</button
  >
{/if}
