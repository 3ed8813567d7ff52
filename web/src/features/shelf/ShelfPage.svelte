<script lang="ts">
  import { KeyCap } from '$ui/key-cap'
  import { onMount } from 'svelte'
  import { keys } from '$features/keys'
  import { session } from '$features/session'
  import { ProblemCard } from '$ui/problem-card'
  import EnterItem from './EnterItem.svelte'
  import CalledFor from './CalledFor.svelte'
  import OrderList from './OrderList.svelte'
  import PlannedJobs from './PlannedJobs.svelte'
  import RecallSearch from './RecallSearch.svelte'
  import { Orders, Shelf } from './shelf.svelte'
  import ShelfItem from './ShelfItem.svelte'

  const shelf = new Shelf()
  const orders = new Orders()

  // what came or went is no longer, or again, to be ordered
  $effect(() => {
    if (shelf.view) void orders.load()
  })
  let entering = $state(false)

  onMount(() => {
    void shelf.load()
    return keys.add([
      ...(session.mayManage
        ? [
            {
              keys: ['n', 'N'],
              does: 'Put a new thing on the shelf',
              run: () => (entering = !entering),
            },
          ]
        : []),
      {
        keys: ['m', 'M'],
        does: 'Look for a batch',
        run: () => document.querySelector<HTMLInputElement>('[data-reading="batch"]')?.focus(),
      },
    ])
  })
</script>

<svelte:head><title>Shelf · Old Tallow</title></svelte:head>

<div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,8fr)_minmax(0,5fr)]">
  <section
    aria-labelledby="stores"
    class="border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <div class="flex flex-wrap items-baseline justify-between gap-3">
      <h1 id="stores" class="type-say">On the shelf</h1>
      {#if session.mayManage}
        <button
          type="button"
          aria-expanded={entering}
          class="flex min-h-11 items-center gap-2 rounded-plate border border-ink bg-sheet px-3 font-semibold hover:bg-tray"
          onclick={() => (entering = !entering)}
        >
          New thing <KeyCap key="N" />
        </button>
      {/if}
    </div>
    {#if shelf.problem && shelf.problem.errors.length === 0}
      <ProblemCard title={shelf.problem.title}><p>{shelf.problem.detail}</p></ProblemCard>
    {/if}
    {#if entering && shelf.view}
      <EnterItem
        {shelf}
        kinds={shelf.view.kinds}
        ondone={() => {
          entering = false
        }}
      />
    {/if}
    {#each shelf.groups as group (group.kind.id)}
      <h2 class="mt-4 type-h first-letter:uppercase">{group.kind.words}</h2>
      <ul class="border-t-2 border-ink">
        {#each group.items as item (item.id)}
          <ShelfItem {shelf} {item} />
        {/each}
      </ul>
    {:else}
      {#if shelf.view}
        <p class="mt-3 max-w-[52ch] text-read">
          Nothing on the shelf yet. Enter what you keep: a bearing set, a seal, a tin of grease, a
          sealed bag. Then take its first batch in.
        </p>
      {:else}
        <p class="mt-3 text-ink2" role="status">Fetching the shelf …</p>
      {/if}
    {/each}
  </section>
  <div class="flex flex-col gap-6 px-4 py-4 desk:overflow-y-auto desk:px-5">
    <CalledFor jobs={orders.view?.calledFor ?? []} />
    <PlannedJobs {orders} />
    <OrderList orders={orders.view?.orders ?? []} />
    <RecallSearch />
  </div>
</div>
