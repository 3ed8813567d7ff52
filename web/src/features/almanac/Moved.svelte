<script lang="ts">
  import type { Schemas } from '$api/request'
  import { date, day } from '$features/display'

  interface Props {
    told: Schemas['ToldView'][]
  }

  let { told }: Props = $props()

  const FEW = 8
  let all = $state(false)
  const shown = $derived(all ? told : told.slice(0, FEW))

  const moved = (one: Schemas['ToldView']): string => {
    if (!one.is) return `${one.words} is no longer due`
    return one.was
      ? `${one.words}: from ${date(one.was)} to ${date(one.is)}`
      : `${one.words}: now ${date(one.is)}`
  }
</script>

{#if told.length > 0}
  <section aria-labelledby="moved">
    <h2 id="moved" class="type-h">What moved, and why</h2>
    <ul class="mt-1 border-t-2 border-ink text-label">
      {#each shown as one, i (i)}
        <li class="grid grid-cols-[6.2rem_minmax(0,1fr)] gap-x-3 border-b border-rule py-1.5">
          <span class="text-ink2 tabular-nums">{day(one.at)}</span>
          <span
            ><span class="font-semibold">{one.position}, {moved(one)}</span>
            <span class="block text-ink2">{one.why}</span></span
          >
        </li>
      {/each}
    </ul>
    {#if told.length > FEW && !all}
      <button
        type="button"
        class="mt-1 min-h-11 text-label text-grease underline"
        onclick={() => {
          all = true
        }}>All {told.length}</button
      >
    {/if}
  </section>
{/if}
