<script lang="ts">
  import type { PlateId } from './all'
  import PlateFigure from './PlateFigure.svelte'

  interface Props {
    ids: readonly PlateId[]
    class?: string
  }

  let { ids, class: extra }: Props = $props()
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (it scrolls, so the keyboard must reach it) -->
<ul
  class={['flex snap-x gap-2 overflow-x-auto', extra]}
  aria-label="How it is done, drawn"
  tabindex={ids.length > 1 ? 0 : undefined}
>
  {#each ids as id (id)}
    <li
      class={[
        ids.length === 1 ? 'w-[min(360px,100%)]' : 'w-[min(280px,86%)]',
        'flex-none snap-start',
      ]}
    >
      <PlateFigure {id} />
    </li>
  {/each}
</ul>
