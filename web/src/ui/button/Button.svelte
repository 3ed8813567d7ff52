<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { HTMLButtonAttributes } from 'svelte/elements'

  interface Props extends HTMLButtonAttributes {
    tone?: 'main' | 'plain'
    children: Snippet
  }

  let { tone = 'plain', class: extra, type = 'button', children, ...rest }: Props = $props()
</script>

<button
  {type}
  class={[
    'flex min-h-14 items-center justify-between gap-4 rounded-plate border px-4 py-2 text-left type-card',
    'disabled:cursor-not-allowed disabled:border-rule disabled:bg-tray disabled:text-ink2',
    tone === 'main' && 'border-grease-fill bg-grease-fill text-[20px] text-on-grease',
    tone === 'plain' && 'border-ink bg-sheet text-ink hover:bg-tray',
    extra,
  ]}
  {...rest}
>
  {@render children()}
</button>
