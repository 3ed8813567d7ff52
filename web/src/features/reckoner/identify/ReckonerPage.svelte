<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { page } from '$app/state'
  import type { Schemas } from '$api/request'
  import { Found, Identify, placeOfQuery, ReadingsForm, type Measurand } from '$features/bearing'
  import { keys } from '$features/keys'
  import { ProblemCard } from '$ui/problem-card'
  import UseSet from './UseSet.svelte'
  import ReadingHelp from './ReadingHelp.svelte'
  import { Begins, ReckonerTabs } from '$features/reckoner/shared'
  import StudCircle from './StudCircle.svelte'

  const identify = new Identify()
  /** The hub it was asked for; empty where it was asked for none. */
  const wheelEnd = $derived(page.url.searchParams.get('wheelEnd') ?? '')
  const place = $derived(placeOfQuery(page.url.searchParams, 'place'))
  /** A set to be used, where nobody said for what. */
  let taken = $state.raw<Schemas['SetView'] | null>(null)

  function use(set: Schemas['SetView']): void {
    if (wheelEnd && place)
      void goto(`/wheel-ends/${wheelEnd}?fit=${place}&set=${encodeURIComponent(set.designation)}`)
    else taken = set
  }

  function focus(measurand: Measurand): void {
    document.querySelector<HTMLInputElement>(`[data-measurand="${measurand}"]`)?.focus()
  }

  onMount(() => {
    void identify.load().then(() => {
      if (wheelEnd === '') identify.example()
    })
    return keys.add([
      {
        keys: ['m', 'M'],
        does: 'To the reading to take next',
        run: () => focus(identify.next?.measurand ?? 'CONE_BORE'),
      },
    ])
  })
</script>

<svelte:head><title>Reckoner · Old Tallow</title></svelte:head>

<ReckonerTabs />
<div class="desk:grid desk:h-[calc(100dvh-95px)] desk:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
  <section
    aria-label="Readings"
    class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <Begins from={identify.isExample ? 'EXAMPLE' : 'OWN'} onown={() => identify.clear()}>
      <ReadingsForm {identify} />
    </Begins>
  </section>
  <div class="flex flex-col gap-6 px-4 py-4 desk:overflow-y-auto desk:px-5">
    <h1 class="sr-only">Reckoner: which bearing is it</h1>
    <Found {identify} onnext={focus} onuse={use} />
    {#if taken}<UseSet designation={taken.designation} {wheelEnd} />{/if}
    {#if identify.problem && identify.problem.errors.length === 0}
      <ProblemCard title={identify.problem.title}><p>{identify.problem.detail}</p></ProblemCard>
    {/if}
    <div class="grid gap-6 border-t border-ink pt-4 desk:grid-cols-2">
      <StudCircle axleTubes={identify.reference?.axleTubes ?? []} />
      <ReadingHelp />
    </div>
  </div>
</div>
