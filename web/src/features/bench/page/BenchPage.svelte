<script lang="ts">
  import { onMount } from 'svelte'
  import { goto, replaceState } from '$app/navigation'
  import { page } from '$app/state'
  import { pace, rememberHub } from '$features/display'
  import { keys } from '$features/keys'
  import { Section } from '$features/section'
  import { session } from '$features/session'
  import { ProblemCard } from '$ui/problem-card'
  import { Bench, JobLine } from '$features/bench/job'
  import { outbox, OutboxStrip } from '$features/outbox'
  import JobEnd from './JobEnd.svelte'
  import LineStrip from './LineStrip.svelte'
  import JobPlate from './JobPlate.svelte'
  import MainAction from './MainAction.svelte'
  import MoreOnJob from './MoreOnJob.svelte'
  import { benchKeys } from './bench-keys'
  import { press } from './press'
  import StepExtras from './StepExtras.svelte'
  import StageRail from './StageRail.svelte'
  import { HubBar, RoundPlan } from '$features/bench/round'
  import { AtHubs, InHand, RunPanel } from '$features/bench/run'
  import { StepPanel } from '$features/bench/step'
  import { Tray } from '$features/bench/tray'

  interface Props {
    jobId: string
  }

  let { jobId }: Props = $props()

  // the route makes a new page for every job
  const bench = new Bench(
    // svelte-ignore state_referenced_locally
    jobId,
    () => session.mayManage,
    session.person?.id ?? '',
    (next) => void goto(`/bench/${next}`),
  )
  if (session.person) pace.start(session.person)
  let panes = $state<HTMLElement | null>(null)
  let panel = $state<HTMLElement | null>(null)
  let pane = 0
  /** Just come from the nut dial, where the setting was saved and is as it should be. */
  let saved = $state(false)
  let line = $state.raw<JobLine | null>(null)

  $effect(() => {
    const hub = bench.job?.hub
    if (hub) rememberHub({ id: hub.wheelEndId, words: `${hub.rigName}, ${hub.position}` })
  })

  /** A new step, or the wait for a part, begins at its top: on a desk in its panel, on a phone in the page. */
  const begins = $derived(`${bench.step?.id ?? ''} ${bench.job?.waits ? 'waits' : ''}`)
  $effect(() => {
    void begins
    panel?.scrollTo({ top: 0 })
    window.scrollTo({ top: 0 })
  })

  /** The press that led to the nut dial said that all of the run was done: once the setting is saved, it is. */
  async function comesFromDial(): Promise<void> {
    const set = page.url.searchParams.get('set')
    if (set === null) return
    saved = set === 'inside'
    replaceState(`/bench/${jobId}`, {})
    bench.leaving = false
    if (bench.run?.stop === 'SETTING' && bench.move.does === 'run') await bench.finishRun()
  }

  function onpress(): void {
    saved = false
    press(bench)
  }

  /** On a phone: step, section and tray stand side by side. */
  function nextPane(): void {
    if (!panes) return
    pane = (pane + 1) % 3
    panes.scrollTo({ left: pane * panes.clientWidth, behavior: 'smooth' })
  }

  onMount(() => {
    // until then a quick press is not meant for the card that is about to go
    bench.leaving = page.url.searchParams.get('set') !== null
    void bench.load()
    // what waited may just have been sent
    void outbox
      .send()
      .then(() => bench.load())
      .then(comesFromDial)
    const opened = new JobLine(
      jobId,
      () => bench.job?.number ?? 0,
      () => void bench.load(),
    )
    line = opened
    const removeKeys = keys.add(benchKeys(bench, nextPane, onpress))
    return () => {
      opened.close()
      removeKeys()
    }
  })
</script>

<svelte:head
  ><title
    >{bench.job ? `${bench.job.hub.rigName}, ${bench.job.hub.position}` : 'Bench'} · Old Tallow</title
  ></svelte:head
>

{#if bench.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={bench.problem.title}><p>{bench.problem.detail}</p></ProblemCard>
    <p class="mt-3"><a href="/bench">To the bench</a></p>
  </div>
{:else if bench.job}
  {@const job = bench.job}
  <div
    bind:this={panes}
    class="flex snap-x snap-mandatory overflow-x-auto desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,1fr)_476px_132px] desk:grid-rows-[minmax(0,1fr)_auto] desk:overflow-hidden"
  >
    <section
      aria-label="What to do now"
      class="flex w-full flex-none snap-start flex-col border-ink desk:col-start-2 desk:row-span-2 desk:row-start-1 desk:w-auto desk:border-x"
    >
      <div bind:this={panel} class="flex-1 px-4 pt-3 pb-32 desk:overflow-y-auto desk:pb-3">
        {#if job.round.hubs.length > 1}<div class="desk:hidden"><HubBar {job} /></div>{/if}
        <p class="mb-2 text-label desk:hidden">
          <b>{job.hub.rigName}, {job.hub.position}</b> · {job.scopeWords}
        </p>
        {#if bench.attempt.problem}
          <ProblemCard title={bench.attempt.problem.title}>
            <p>{bench.attempt.rest(() => false)}</p>
          </ProblemCard>
        {/if}
        {#if bench.step && !job.waits}
          {#if bench.run}
            <RunPanel {bench} run={bench.run} mayWaive={session.mayManage} />
          {:else}
            <AtHubs {bench} />
            <StepPanel {bench} step={bench.step} mayWaive={session.mayManage} />
          {/if}
          <StepExtras {bench} />
        {:else}
          <JobEnd {job} mayRelease={session.mayManage} />
        {/if}
        {#if job.state === 'OPEN' && !job.waits}<div class="mt-4"><MoreOnJob {bench} /></div>{/if}
      </div>
      <div
        class="fixed inset-x-0 bottom-0 z-20 border-t border-ink bg-wall p-2.5 desk:sticky desk:inset-x-auto"
      >
        <OutboxStrip {jobId} />
        <LineStrip {bench} {line} />
        {#if saved}
          <p role="status" class="pb-1.5 font-semibold text-verdigris">
            The setting is on record, inside its window.
          </p>
        {/if}
        <MainAction {bench} mayRelease={session.mayManage} {onpress} />
      </div>
    </section>
    <section
      aria-label="The wheel end"
      class="relative flex w-full flex-none snap-start flex-col px-4 py-3 desk:col-start-1 desk:row-start-1 desk:min-h-0 desk:w-auto"
    >
      {#if job.round.hubs.length > 1}<RoundPlan {bench} {job} />{:else}<JobPlate {job} />{/if}
      {#if bench.section}
        <Section
          class={`min-h-0 flex-1 ${job.round.hubs.length === 1 ? 'desk:-mt-10' : ''}`}
          section={bench.section}
          label={`Half-section of ${job.hub.rigName}, ${job.hub.position}`}
          picked={bench.picked}
          onpick={(part) => {
            bench.picked = part
          }}
          status={bench.status}
          filled={false}
          showAssumed={false}
        />
      {/if}
    </section>
    <section
      aria-label="Tray"
      class="w-full flex-none snap-start px-2 pb-2 desk:col-start-1 desk:row-start-2 desk:w-auto"
    >
      {#if !job.waits}<div class="hidden px-2 pb-2 desk:block"><InHand {bench} /></div>{/if}
      <Tray {job} section={bench.section} />
    </section>
    <aside class="hidden desk:col-start-3 desk:row-span-2 desk:row-start-1 desk:block">
      <StageRail
        stages={job.walk.stages}
        now={job.walk.now?.stageNumber ?? job.walk.stages.at(-1)?.number}
      />
    </aside>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the job …</p>
{/if}
