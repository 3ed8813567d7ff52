<script lang="ts">
  import { date } from '$features/display'
  import { Mark } from '$ui/mark'
  import type { Item, Shelf } from './shelf.svelte'
  import TakeIn from './TakeIn.svelte'
  import TakeOut from './TakeOut.svelte'

  interface Props {
    shelf: Shelf
    item: Item
  }

  let { shelf, item }: Props = $props()

  const open = $derived(shelf.open === item.id)
  const onHand = $derived(item.batches.filter((batch) => batch.onHand > 0))
  /** Batches come the first to run out first; one that has is not to be used next. */
  const next = $derived(onHand.find((batch) => !batch.outdated))
  const outdated = $derived(onHand.some((batch) => batch.outdated))
</script>

<li class="border-b border-rule">
  <button
    type="button"
    aria-expanded={open}
    class="grid min-h-14 w-full grid-cols-[3.5rem_1fr_auto] items-center gap-3 py-1.5 text-left hover:bg-tray"
    onclick={() => {
      shelf.open = open ? '' : item.id
    }}
  >
    <span class="text-right type-num text-[26px] leading-none font-semibold">{item.good}</span>
    <span class="leading-tight">
      <span class="type-card">{item.designation}</span>
      <span class="block text-label text-ink2"
        >{[item.words, item.supplier].filter(Boolean).join('; ')}</span
      >
    </span>
    <span class="flex flex-col items-end gap-1 text-label">
      {#if item.missing > 0}
        <span class="flex items-center gap-1.5 font-semibold text-brass"
          ><Mark shape="overdue" size={18} /> {item.missing} short of {item.want}</span
        >
      {:else}
        <span class="flex items-center gap-1.5"
          ><Mark shape="good" size={18} />
          {item.want === 0 ? 'as it comes' : 'enough'}</span
        >
      {/if}
      {#if outdated}
        <span class="flex items-center gap-1.5 font-semibold"
          ><Mark shape="never" size={18} /> some too old</span
        >
      {/if}
    </span>
  </button>
  {#if open}
    <div class="flex flex-col gap-3 border-t border-rule bg-sheet px-3 py-3">
      {#each item.batches as batch (batch.id)}
        <TakeOut {shelf} {batch} />
      {:else}
        <p>No batch on record. Take the first one in.</p>
      {/each}
      <TakeIn {shelf} {item} />
      <p class="text-label text-ink2">
        {item.price.toFixed(2)} each{item.tin
          ? `; ${item.tin.thickenerWords}${item.tin.code ? `, ${item.tin.code}` : ''}, ${item.tin.grams} g`
          : ''}{next ? `; the next to use keeps until ${date(next.keepsUntil)}` : ''}
      </p>
    </div>
  {/if}
</li>
