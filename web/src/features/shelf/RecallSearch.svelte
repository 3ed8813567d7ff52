<script lang="ts">
  import { onMount } from 'svelte'
  import { page } from '$app/state'
  import { day } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Recall } from './shelf.svelte'

  const recall = new Recall()

  // a label's code opens the shelf at its batch
  onMount(() => {
    recall.number = page.url.searchParams.get('batch') ?? ''
    if (recall.number !== '') void recall.ask()
  })
  const reasons = {
    RECEIVED: 'came in',
    FITTED: 'fitted',
    TAKEN_BACK: 'came back',
    COUNTED: 'put right',
    SCRAPPED: 'scrapped',
  } as const

  function ask(event: SubmitEvent): void {
    event.preventDefault()
    void recall.ask()
  }
</script>

<section aria-labelledby="recall" class="border-t-2 border-ink pt-3">
  <h2 id="recall" class="type-h">Where did this batch go?</h2>
  <form onsubmit={ask} class="mt-1 flex items-end gap-3">
    <Field
      label="Batch, or how it begins"
      class="flex-1"
      autocomplete="off"
      data-reading="batch"
      bind:value={recall.number}
      error={recall.fieldError('batch')}
    />
    <Button type="submit" size="list">Find</Button>
  </form>
  <div role="status">
    {#if recall.found?.batches.length === 0 && recall.found.fitted.length === 0}
      <p class="mt-2">
        No batch begins like that, on the shelf or in a hub. Try its first letters only; a label of
        another workshop leads nowhere here.
      </p>
    {/if}
    {#each recall.found?.batches ?? [] as trace (trace.batchId)}
      <div class="mt-3 border-t border-ink pt-2">
        <p>
          <span class="type-num text-read font-semibold">{trace.batch}</span>
          <span class="text-label">{trace.designation}, {trace.onHand} on the shelf</span>
        </p>
        {#if trace.carriedBy.length === 0}
          <p class="text-label">No wheel end carries it.</p>
        {/if}
        <ul>
          {#each trace.carriedBy as one (one.wheelEndId)}
            <li>
              <a
                href={`/wheel-ends/${one.wheelEndId}`}
                class="flex min-h-11 items-center font-semibold"
                >{one.rigName}, {one.position}{one.pieces > 1 ? ` (${one.pieces})` : ''}</a
              >
            </li>
          {/each}
        </ul>
        <details>
          <summary class="flex min-h-8 cursor-pointer items-center text-label">Every move</summary>
          <ul class="text-label">
            {#each trace.moves as move, i (i)}
              <li class="border-t border-rule py-1">
                <span class="type-num">{Math.abs(move.pieces)}</span>
                {reasons[move.reason]}, {day(move.at)}, {move.by}
              </li>
            {/each}
          </ul>
        </details>
      </div>
    {/each}
    {#if recall.found && recall.found.fitted.length > 0}
      <div class="mt-3 border-t border-ink pt-2">
        <p class="text-label font-semibold">Written down at the wheel end as fitted</p>
        <ul>
          {#each recall.found.fitted as one (`${one.wheelEndId} ${one.part} ${one.batch}`)}
            <li>
              <a
                href={`/wheel-ends/${one.wheelEndId}`}
                class="flex min-h-11 flex-wrap items-center gap-x-2"
                ><b>{one.rigName}, {one.position}</b>
                <span class="text-label">{one.part}, batch {one.batch}</span></a
              >
            </li>
          {/each}
        </ul>
      </div>
    {/if}
  </div>
</section>
