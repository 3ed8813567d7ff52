<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { HTMLButtonAttributes } from 'svelte/elements'

  interface Props extends HTMLButtonAttributes {
    tone?: 'main' | 'plain'
    /** The bench asks for 56 px; beside a list 44 are enough. */
    size?: 'bench' | 'list'
    children: Snippet
  }

  let {
    tone = 'plain',
    size = 'bench',
    class: extra,
    type = 'button',
    children,
    ...rest
  }: Props = $props()
</script>

<button
  {type}
  class={[
    'flex items-center justify-between gap-4 rounded-plate border text-left',
    size === 'bench' ? 'min-h-14 px-4 py-2 type-card' : 'min-h-11 px-3 py-1 font-semibold',
    'disabled:cursor-not-allowed disabled:border-rule disabled:bg-tray disabled:text-ink2',
    tone === 'main' && 'border-grease-fill bg-grease-fill text-on-grease',
    tone === 'main' && size === 'bench' && 'text-[20px]',
    tone === 'plain' && 'border-ink bg-sheet text-ink hover:bg-tray',
    extra,
  ]}
  {...rest}
>
  {@render children()}
</button>
