<script lang="ts">
  import { PartInPlace } from '$features/section'
  import type { PlateId } from './all'
  import type { OwnShape } from './own-shape'
  import PlateFigure from './PlateFigure.svelte'

  interface Props {
    ids: readonly PlateId[]
    /** This wheel end's own shape where the hand is now, drawn first. */
    own?: OwnShape | null
    class?: string
  }

  let { ids, own = null, class: extra }: Props = $props()

  const several = $derived(ids.length + (own ? 1 : 0) > 1)
  const wide = $derived(several ? 'w-[min(280px,86%)]' : 'w-[min(360px,100%)]')
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (it scrolls, so the keyboard must reach it) -->
<ul
  class={['flex snap-x gap-2 overflow-x-auto', extra]}
  aria-label="How it is done, drawn"
  tabindex={several ? 0 : undefined}
>
  {#if own}<li class={[wide, 'flex-none snap-start']}><PartInPlace {...own} /></li>{/if}
  {#each ids as id (id)}
    <li class={[wide, 'flex-none snap-start']}><PlateFigure {id} /></li>
  {/each}
</ul>
