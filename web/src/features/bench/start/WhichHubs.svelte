<script lang="ts">
  import type { JobStart } from './start.svelte'

  interface Props {
    start: JobStart
  }

  let { start }: Props = $props()

  const isAll = (ids: readonly string[]): boolean =>
    ids.length === start.picked.length && ids.every((id) => start.chosen.includes(id))
</script>

<div role="group" aria-label="Which hubs?" class="border-t-2 border-ink">
  <div class="grid grid-cols-2">
    {#each start.ends as end (end.id)}
      {#if end.openJobId}
        <a
          href={`/bench/${end.openJobId}`}
          class="flex min-h-12 items-center border-b border-rule px-2 font-semibold"
          >{end.position}: job open</a
        >
      {:else}
        <label
          class="flex min-h-12 cursor-pointer items-center gap-2.5 border-b border-rule px-2 font-semibold hover:bg-sheet"
        >
          <input
            type="checkbox"
            class="size-6 accent-grease-fill"
            checked={start.chosen.includes(end.id)}
            onchange={() => void start.toggle(end.id)}
          />{end.position}</label
        >
      {/if}
    {/each}
  </div>
  {#if start.groups.length > 0}
    <div class="flex flex-wrap gap-1.5 pt-2">
      {#each start.groups as group (group.words)}
        <button
          type="button"
          aria-pressed={isAll(group.ids)}
          class={[
            'min-h-11 rounded-plate border border-ink px-3 font-semibold',
            isAll(group.ids) ? 'bg-ink text-wall' : 'bg-sheet hover:bg-tray',
          ]}
          onclick={() => void start.pick(group.ids)}>{group.words}</button
        >
      {/each}
    </div>
  {/if}
</div>
