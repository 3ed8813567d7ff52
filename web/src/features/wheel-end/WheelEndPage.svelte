<script lang="ts">
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import type { Schemas } from '$api/request'
  import { FigureLadder } from '$features/figures'
  import { PastJobs } from '$features/bench/start'
  import { keys } from '$features/keys'
  import { SizeList } from '$features/section'
  import { session } from '$features/session'
  import { ProblemCard } from '$ui/problem-card'
  import Fitted from './Fitted.svelte'
  import FromTheShelf from './FromTheShelf.svelte'
  import Greasings from './Greasings.svelte'
  import HubSection from './HubSection.svelte'
  import LastSetting from './LastSetting.svelte'
  import MadeOf from './MadeOf.svelte'
  import OtherEnds from './OtherEnds.svelte'
  import SettingChart from './SettingChart.svelte'
  import SettingList from './SettingList.svelte'
  import { Stores } from './stores.svelte'
  import { WheelEnd } from './wheel-end.svelte'
  import WheelEndPlate from './WheelEndPlate.svelte'

  interface Props {
    id: string
  }

  let { id }: Props = $props()

  const today = new Date()
  // the route makes a new page for every wheel end
  // svelte-ignore state_referenced_locally
  const end = new WheelEnd(id, today)
  // svelte-ignore state_referenced_locally
  const stores = new Stores(id)
  const dialHref = $derived(`/wheel-ends/${id}/nut-dial`)
  const jobHref = $derived(`/wheel-ends/${id}/job`)
  let reference = $state.raw<Schemas['NutReferenceView'] | null>(null)
  let constructions = $state.raw<Schemas['ConstructionsView'] | null>(null)

  async function load(): Promise<void> {
    await end.load()
    if (end.problem) return
    void stores.load()
    ;[reference, constructions] = await Promise.all([records.reference(), records.constructions()])
  }

  function other(by: number): void {
    const here = end.siblings.findIndex((s) => s.id === id)
    const next = end.siblings[(here + by + end.siblings.length) % end.siblings.length]
    if (next) void goto(`/wheel-ends/${next.id}`)
  }

  onMount(() => {
    void load()
    return keys.add([
      { keys: [' ', 'Enter', 'PageDown'], does: 'Set the nut', run: () => void goto(dialHref) },
      { keys: ['g', 'G'], does: 'Begin or go on with a job', run: () => void goto(jobHref) },
      { keys: ['ArrowRight'], does: 'Next wheel end of the rig', run: () => other(1) },
      { keys: ['ArrowLeft'], does: 'Wheel end before it', run: () => other(-1) },
      { keys: ['PageUp'], does: 'Back to the yard', run: () => void goto('/') },
    ])
  })
</script>

<svelte:head
  ><title>{end.view ? `${end.view.rigName}, ${end.view.position}` : 'Wheel end'} · Old Tallow</title
  ></svelte:head
>

{#if end.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={end.problem.title}><p>{end.problem.detail}</p></ProblemCard>
    <p class="mt-3"><a href="/">To the yard</a></p>
  </div>
{:else if end.view}
  {@const view = end.view}
  <div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
    <section
      aria-labelledby="which"
      class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
    >
      <WheelEndPlate {view} siblings={end.siblings} />
      <HubSection {end} />
      <Fitted {end} />
      <Greasings {stores} />
      <FromTheShelf {stores} wheelEndId={id} />
      {#if end.section}
        <section aria-labelledby="sizes">
          <h2 id="sizes" class="type-h">Sizes in the drawing</h2>
          <div class="mt-1 border-t-2 border-ink"><SizeList section={end.section} /></div>
        </section>
      {/if}
    </section>
    <section
      aria-label="Settings and figures"
      class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5"
    >
      <LastSetting
        last={end.last}
        standing={end.standing}
        {dialHref}
        {jobHref}
        chartHref={`/wheel-ends/${id}/setting-chart`}
      />
      {#if reference && constructions}
        <section aria-labelledby="figures">
          <h2 id="figures" class="type-h">Figures that govern here</h2>
          <FigureLadder
            wheelEndId={id}
            procedures={reference.procedures}
            onchanged={() => void end.load()}
          />
        </section>
        <MadeOf {end} {view} {reference} {constructions} />
      {/if}
      <section aria-labelledby="settings" class="flex flex-col gap-3">
        <h2 id="settings" class="type-h">Settings so far</h2>
        {#if end.settings.length > 0}
          <SettingChart settings={end.settings} {today} />
          <SettingList
            settings={end.settings}
            {...session.mayManage ? { onsignoff: (id: string) => void end.signOff(id) } : {}}
          />
        {:else}
          <p class="max-w-[52ch] text-read">
            The first setting starts the line: end play over the years, with the window it must keep
            to.
          </p>
        {/if}
      </section>
      <PastJobs wheelEndId={id} />
      <OtherEnds siblings={end.siblings.filter((sibling) => sibling.id !== id)} />
    </section>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the wheel end …</p>
{/if}
