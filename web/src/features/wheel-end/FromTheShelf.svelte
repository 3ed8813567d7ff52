<script lang="ts">
  import { date, today as theDay } from '$features/display'
  import { LabelLinks } from '$ui/label-links'
  import { Mark } from '$ui/mark'
  import type { Stores } from './stores.svelte'

  interface Props {
    stores: Stores
    wheelEndId: string
  }

  let { stores, wheelEndId }: Props = $props()

  const today = theDay()
</script>

<section aria-labelledby="from-the-shelf">
  <div class="flex flex-wrap items-baseline justify-between gap-x-3">
    <h2 id="from-the-shelf" class="type-h">From our shelf</h2>
    <LabelLinks of={`wheel-ends/${wheelEndId}`} words="Label for the hub" />
  </div>
  <ul class="border-t-2 border-ink">
    {#each stores.fromTheShelf as trace (trace.batchId)}
      <li class="border-b border-rule py-1.5 leading-tight">
        <p>
          <b>{trace.designation}</b>
          <a href={`/shelf?batch=${encodeURIComponent(trace.batch)}`} class="type-num"
            >{trace.batch}</a
          >
        </p>
        <p class="flex items-center gap-1.5 text-min text-ink2">
          {#if trace.keepsUntil < today}<Mark shape="never" size={16} />{/if}
          made {date(trace.madeOn)}, keeps until {date(trace.keepsUntil)}{trace.note
            ? `; ${trace.note}`
            : ''}
        </p>
      </li>
    {:else}
      <li class="py-1.5 text-ink2">Nothing in it is on record as taken from the shelf.</li>
    {/each}
  </ul>
</section>
