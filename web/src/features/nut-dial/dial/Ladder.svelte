<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingRange, otherRange } from '$features/display'
  import { authorityWords } from '$features/nut-dial/state'

  interface Props {
    window: Schemas['WindowView']
    figures: Schemas['FigureForm'][]
  }

  let { window, figures }: Props = $props()

  const rungs = ['MAKER', 'WORKSHOP', 'COMMON_PRACTICE'] as const
  const governs = $derived(rungs.indexOf(window.authority))
  const has = (authority: string): boolean =>
    figures.some((figure) => figure.authority === authority)
</script>

<!-- whose figure governs: the first rung that has one -->
<ol class="grid grid-cols-1 border-t border-rule tab:grid-cols-3" aria-label="Whose figure governs">
  {#each rungs as rung, i (rung)}
    <li
      class={[
        '-mt-px border-t-[5px] pt-2 pr-3 pb-1',
        i === governs ? 'border-ink' : 'border-transparent',
      ]}
    >
      <p class={['font-semibold', i !== governs && 'text-ink2']}>
        {authorityWords[rung]}{i === governs ? ' governs' : ''}
      </p>
      <p class="text-label">
        {#if i === governs}
          <span class="type-num font-semibold">
            {leadingRange(window.least, window.most)}
          </span>
          <span class="block type-num text-min text-ink2">
            {otherRange(window.least, window.most)}
          </span>
          <span class="block text-min text-ink2">{window.source}</span>
        {:else if i < governs}
          <span class="text-ink2">none on file</span>
        {:else if rung === 'COMMON_PRACTICE'}
          <span class="text-ink2">1 to 5 thou, below</span>
        {:else}
          <span class="text-ink2">{has(rung) ? 'on file, below' : 'none on file'}</span>
        {/if}
      </p>
    </li>
  {/each}
</ol>
