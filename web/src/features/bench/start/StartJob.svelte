<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { page } from '$app/state'
  import { keys } from '$features/keys'
  import { Button } from '$ui/button'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import Costs from './Costs.svelte'
  import { readHanded } from './handed'
  import HandOver from './HandOver.svelte'
  import JobChoices from './JobChoices.svelte'
  import { scopes } from './scopes'
  import { JobStart } from './start.svelte'
  import WhichHubs from './WhichHubs.svelte'

  interface Props {
    /** Where somebody came from: a wheel end, or the whole rig. */
    from: { wheelEndId: string } | { rigId: string }
  }

  let { from }: Props = $props()

  const start = new JobStart()
  const plan = $derived(start.plan)
  const hubs = $derived(
    start.picked.length === 1
      ? (start.picked[0]?.position ?? '')
      : start.picked.length === 0
        ? ''
        : `${start.picked.length} hubs`,
  )

  async function begin(): Promise<void> {
    const jobId = await start.begin()
    if (jobId) await goto(`/bench/${jobId}`)
  }

  onMount(() => {
    void start.load(from, readHanded(page.url.searchParams)).then((going) => {
      // one job at a time on a wheel end: go on with that one
      if (going) void goto(`/bench/${going}`, { replaceState: true })
    })
    return keys.add([
      { keys: [' ', 'PageDown'], does: 'Begin the job', run: () => void begin() },
      {
        keys: ['PageUp'],
        does: 'Back',
        run: () =>
          void goto('rigId' in from ? `/rigs/${from.rigId}` : `/wheel-ends/${from.wheelEndId}`),
      },
      ...scopes.map((one, i) => ({
        keys: [String(i + 1)],
        does: one.label,
        run: () => void start.choose(one.value),
      })),
    ])
  })
</script>

<svelte:head><title>Begin a job · Old Tallow</title></svelte:head>

<div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
  <section
    aria-label="Which job"
    class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <h1 class="type-say">How far does it go?</h1>
    <p class="-mt-2 text-read">{[start.rigName, hubs].filter(Boolean).join(', ')}</p>
    <div role="radiogroup" aria-label="How far does it go?" class="border-t-2 border-ink">
      {#each scopes as one, i (one.value)}
        <button
          type="button"
          role="radio"
          aria-checked={start.scope === one.value}
          class={[
            'flex min-h-14 w-full items-center gap-4 border-b border-rule px-2 text-left',
            start.scope === one.value ? 'bg-ink text-wall' : 'hover:bg-sheet',
          ]}
          onclick={() => void start.choose(one.value)}
        >
          <KeyCap key={String(i + 1)} />
          <span>
            <span class="block type-card text-[20px]">{one.label}</span>
            <span class="text-label">{one.note}</span>
          </span>
        </button>
      {/each}
    </div>
    {#if start.ends.length > 1}<WhichHubs {start} />{/if}
    {#if plan}
      <JobChoices asked={plan.choices} onchoose={(how) => void start.choose(start.scope, how)} />
    {/if}
    {#if start.attempt.problem}
      <ProblemCard title={start.attempt.problem.title}>
        <p>{start.attempt.rest(() => false)}</p>
      </ProblemCard>
    {/if}
    <div class="sticky bottom-0 -mx-4 mt-auto -mb-4 bg-wall px-4 pt-2 pb-4 desk:-mx-5 desk:px-5">
      <Button
        tone="main"
        class="w-full"
        disabled={start.attempt.busy || start.attempt.problem !== null || start.picked.length === 0}
        onclick={begin}
      >
        Begin{start.picked.length > 1 ? ` on ${start.picked.length} hubs` : ''}
        <KeyCap key="Space" />
      </Button>
    </div>
  </section>
  <section
    aria-label="What it needs"
    class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5"
  >
    {#if plan}
      <div class="flex flex-wrap items-end gap-x-8 gap-y-2">
        <p>
          <span class="block text-label font-semibold">Takes about</span>
          <span class="type-num text-reading">{plan.minutes}<span class="text-h"> min</span></span>
        </p>
        <p class="pb-1 text-label text-ink2">
          {plan.steps} steps{start.picked.length > 1 ? ', what is done once counted once' : ''}.
          {plan.fromPastJobs > 0
            ? `Common practice, and the middle of your last ${plan.fromPastJobs} like it.`
            : 'Common practice, until you have closed some like it.'}
        </p>
      </div>
      <section aria-labelledby="new-parts">
        <h2 id="new-parts" class="type-h">New parts to have here</h2>
        <p class="mt-1 border-t-2 border-ink pt-1 text-read">
          {plan.newParts.length === 0 ? 'None.' : `${plan.newParts.join(', ')}.`}
        </p>
        <p class="text-label text-ink2">
          Never used twice: {plan.alwaysNew.join(', ')}.
        </p>
      </section>
      <HandOver {start} />
      {#if start.costs}
        <Costs
          costs={start.costs}
          scope={start.scope}
          days={start.days}
          onwait={(days) => start.wait(days)}
        />
      {/if}
      <section aria-labelledby="stages">
        <div class="flex flex-wrap items-baseline justify-between gap-x-4">
          <h2 id="stages" class="type-h">The plan, and what each stage first needs</h2>
          <p class="flex gap-4">
            <a href={start.sheet('html')} target="_blank">Read it</a>
            <a href={start.sheet('pdf')} target="_blank">Print it</a>
          </p>
        </div>
        <table class="mt-1 w-full border-t-2 border-ink">
          <tbody>
            {#each plan.needs as needs (needs.stage)}
              <tr class="border-b border-rule align-top">
                <th scope="row" class="w-44 py-1.5 pr-3 text-left font-semibold"
                  ><span class="type-num font-normal text-ink2">{needs.stage}</span>
                  {needs.words}</th
                >
                <td class="py-1.5">
                  {needs.steps.join(' · ')}
                  {#if needs.tools.length + needs.supplies.length > 0}
                    <span class="block text-label text-ink2"
                      >At hand: {[...needs.tools, ...needs.supplies].join(', ')}</span
                    >
                  {/if}
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
      </section>
    {:else if !start.attempt.problem}
      <p class="text-ink2" role="status">
        {start.ends.length > 0 && start.picked.length === 0 ? 'Choose a hub.' : 'Planning …'}
      </p>
    {/if}
  </section>
</div>
