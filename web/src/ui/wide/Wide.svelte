<script lang="ts">
  import type { Snippet } from 'svelte'

  interface Props {
    label: string
    /** To be scrolled from outside. */
    element?: HTMLDivElement | null
    children: Snippet
  }

  let { label, element = $bindable(null), children }: Props = $props()
</script>

<!-- a drawing wider than the screen is moved by keys too -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
  bind:this={element}
  role="region"
  aria-label={label}
  tabindex="0"
  class="overflow-x-auto border border-ink bg-sheet"
>
  {@render children()}
</div>
