<script lang="ts">
  import type { Snippet } from 'svelte'

  interface Props {
    checked: boolean
    onchange: (checked: boolean) => void
    disabled?: boolean
    class?: string
    children: Snippet
  }

  let { checked, onchange, disabled = false, class: extra, children }: Props = $props()
</script>

<label class={['flex min-h-11 items-center gap-3', extra]}>
  <input
    type="checkbox"
    class="size-6 flex-none accent-grease-fill"
    {checked}
    {disabled}
    onchange={(event) => {
      onchange(event.currentTarget.checked)
    }}
  />
  <span class="min-w-0">{@render children()}</span>
</label>
