<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingSize } from '$features/display'
  import { Mark } from '$ui/mark'

  interface Props {
    own: readonly Schemas['OwnToolView'][]
  }

  let { own }: Props = $props()

  const suiting = $derived(own.filter((tool) => tool.suits))
</script>

<div>
  <p class="text-label font-semibold">Of our own</p>
  {#each suiting as tool (tool.name)}
    <p class="flex items-center gap-2.5 py-0.5">
      <Mark shape="good" size={24} />
      <span
        ><b>{tool.name}</b>, <span class="type-num">{leadingSize(tool.outside)}</span> will do</span
      >
    </p>
  {:else}
    <p class="flex items-center gap-2.5 py-0.5">
      <Mark shape="never" size={24} />
      {own.length === 0
        ? 'None on the wall yet: hang them up in Workshop.'
        : 'None of the wall will do: the old cup ground down, or a turned ring.'}
    </p>
  {/each}
  {#if own.length > suiting.length}
    <p class="text-label text-ink2">
      Not: {own
        .filter((tool) => !tool.suits)
        .map((tool) => `${tool.name} (${tool.words.split(':')[0] ?? ''})`)
        .join(', ')}.
    </p>
  {/if}
</div>
