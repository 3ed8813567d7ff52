<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark } from '$ui/mark'

  interface Props {
    found: Schemas['AfterDriveView']
  }

  let { found }: Props = $props()

  const marks = {
    FINE: 'good',
    WATCH: 'soon',
    SPIN_IT: 'outside',
    STOP: 'never',
    TOO_TIGHT: 'outside',
    MEASURE_ANEW: 'outside',
    DRAGGING_BRAKE: 'outside',
    DRY: 'never',
    BRAKED: 'soon',
    TOO_SHORT: 'soon',
    SPOILT: 'never',
  } as const
</script>

<p class="flex items-center gap-2.5" role="status">
  <Mark shape={marks[found.verdict]} size={30} />
  <span class="type-card first-letter:uppercase">{found.words}</span>
</p>
{#if found.foundLoose}
  <p class="flex items-center gap-2.5">
    <Mark shape="outside" size={30} />
    <span class="type-card">Too loose, by the play measured now.</span>
  </p>
{/if}
{#if found.correction}<p class="text-read">{found.correction}</p>{/if}
<h3 class="mt-2 type-card">Look at again</h3>
<ol class="border-t border-rule">
  {#each found.recheck as line, i (line)}
    <li class="flex gap-3 border-b border-rule py-1.5">
      <span class="w-4 flex-none type-num font-bold">{i + 1}</span>{line}
    </li>
  {/each}
</ol>
