<script lang="ts">
  import { onMount } from 'svelte'
  import { goto, replaceState } from '$app/navigation'
  import { page } from '$app/state'
  import { keys } from '$features/keys'
  import { Button } from '$ui/button'
  import { Mark } from '$ui/mark'
  import { ProblemCard } from '$ui/problem-card'
  import Bay from './Bay.svelte'
  import EmptyYard from './EmptyYard.svelte'
  import { states } from './states'
  import WhatNext from './WhatNext.svelte'
  import { Yard, type Show } from './yard.svelte'
  import YardFilter from './YardFilter.svelte'

  const yard = new Yard()

  /** One scale for the whole yard, so that rigs compare; the longest sets the height of a bay. */
  const SCALE = 0.028

  onMount(() => {
    yard.show = page.url.searchParams.get('show') === 'due' ? 'DUE' : 'ALL'
    yard.owner = page.url.searchParams.get('owner') ?? ''
    void yard.load()
    return keys.add([
      {
        keys: ['Enter'],
        does: 'Open the worst wheel end, or go on with its job',
        run: () => {
          if (yard.worstHref) void goto(yard.worstHref)
        },
      },
      {
        keys: ['g', 'G'],
        does: 'Begin a job on the worst rig',
        run: () => {
          if (yard.worstJobHref) void goto(yard.worstJobHref)
        },
      },
      { keys: ['n', 'N'], does: 'Enter a rig', run: () => void goto('/rigs/new') },
    ])
  })

  /** The filter stands in the address, so that it can be kept and sent. */
  function filter(show: Show, owner: string): void {
    void yard.filter(show, owner)
    const query = new URLSearchParams()
    if (show === 'DUE') query.set('show', 'due')
    if (owner !== '') query.set('owner', owner)
    replaceState(query.size === 0 ? '/' : `/?${query.toString()}`, {})
  }
</script>

<svelte:head><title>Yard · Old Tallow</title></svelte:head>

{#if yard.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={yard.problem.title}>
      <p>{yard.problem.detail}</p>
      <Button class="mt-3" onclick={() => yard.load()}>Try again</Button>
    </ProblemCard>
  </div>
{:else if yard.view?.rigs.length === 0 && !yard.filtered}
  <EmptyYard />
{:else if yard.view}
  {@const view = yard.view}
  <div class="flex flex-col desk:h-[calc(100dvh-46px)] desk:flex-row">
    <section
      aria-labelledby="next"
      class="border-ink bg-sheet px-4 pt-4 desk:order-2 desk:w-[330px] desk:flex-none desk:overflow-y-auto desk:border-l"
    >
      {#if !view.isWhole}
        <p role="status" class="mb-3 font-semibold text-oxide">
          Dates are still being worked out after an upgrade: more may be due than stands here.
        </p>
      {/if}
      <div id="next">
        <WhatNext
          items={view.next}
          wheelsOf={(id) => yard.wheelsOf(id)}
          endsOf={(item) => yard.endsOf(item)}
        />
      </div>
    </section>
    <div class="flex min-w-0 flex-1 flex-col desk:overflow-y-auto">
      <YardFilter {yard} onfilter={filter} />
      <div
        class="grid flex-1 grid-cols-[repeat(auto-fill,minmax(150px,1fr))] content-stretch"
        aria-label="Rigs in the yard"
        role="group"
      >
        {#each view.rigs as rig (rig.id)}
          <Bay {rig} scale={SCALE} />
        {:else}
          <p class="p-5 text-read">No rig is like that. Ask for all rigs of any owner.</p>
        {/each}
      </div>
      {#if view.more}
        <div class="flex justify-center border-t border-rule p-3">
          <Button disabled={yard.fetchingMore} onclick={() => yard.loadMore()}
            >Show the next rigs</Button
          >
        </div>
      {/if}
      <footer
        class="flex flex-wrap items-center gap-x-5 gap-y-1 border-t border-ink bg-wall px-4 py-1.5 desk:sticky desk:bottom-0"
      >
        <span class="flex items-center gap-1.5 text-min">
          <Mark shape="jobOpen" size={18} />
          <span class="font-semibold">job open</span>
        </span>
        {#each Object.values(states) as state (state.word)}
          <span class="flex items-center gap-1.5 text-min">
            <Mark shape={state.shape} size={18} />
            <span
              ><span class="font-semibold">{state.word}</span>
              <span class="text-ink2">{state.means}</span></span
            >
          </span>
        {/each}
        <span class="flex items-center gap-2 text-min desk:ml-auto">
          <svg
            width={4000 * SCALE + 2}
            height="10"
            viewBox={`-1 -5 ${4000 * SCALE + 2} 10`}
            aria-hidden="true"
          >
            <path d={`M0 0H${2000 * SCALE}`} class="stroke-ink" stroke-width="5" />
            <path
              d={`M0 -5V5M${2000 * SCALE} -5V5M${4000 * SCALE} -5V5M0 0H${4000 * SCALE}`}
              class="stroke-ink"
            />
          </svg>
          4 m (13 ft), all rigs
        </span>
      </footer>
    </div>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the yard …</p>
{/if}
