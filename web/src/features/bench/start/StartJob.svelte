<script lang="ts">
  import { api } from './api'
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import type { Schemas } from '$api/request'
  import { Attempt } from '$api/attempt.svelte'
  import { keys } from '$features/keys'
  import { Button } from '$ui/button'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import Costs from './Costs.svelte'
  import JobChoices from './JobChoices.svelte'
  import { scopes, type Scope } from './scopes'

  interface Props {
    wheelEndId: string
  }

  let { wheelEndId }: Props = $props()

  const attempt = new Attempt()
  const jobId = crypto.randomUUID() // made once: a start tried twice is one job
  let scope = $state<Scope>('REPACK')
  let end = $state.raw<Schemas['WheelEndView'] | null>(null)
  let days = $state(2)
  let costs = $state.raw<Schemas['JobCostsView'] | null>(null)
  let plan = $state.raw<Schemas['PlanView'] | null>(null)
  let asked = $state.raw<Schemas['ChoiceAskedView'][]>([])
  let choices = $state.raw<Schemas['Choices'] | undefined>(undefined)

  async function choose(next: Scope, how = choices): Promise<void> {
    const brings = how?.hubBrings
    const bringsOther = choices !== undefined && brings !== choices.hubBrings
    scope = next
    choices = how
    await attempt.run(async () => {
      plan = await api.jobPlan(wheelEndId, { scope: next, ...(how && { choices: how }) })
      if (bringsOther) costs = await api.jobCosts(wheelEndId, days, brings)
    })
  }

  async function wait(next: number): Promise<void> {
    if (!Number.isInteger(next)) return
    days = next
    await attempt.run(async () => {
      costs = await api.jobCosts(wheelEndId, next, choices?.hubBrings)
    })
  }

  async function start(): Promise<void> {
    if (
      await attempt.run(() =>
        api.openJob(wheelEndId, { id: jobId, scope, ...(choices && { choices }) }),
      )
    )
      await goto(`/bench/${jobId}`)
  }

  onMount(() => {
    void attempt.run(async () => {
      const [here, jobs, beside, reference] = await Promise.all([
        records.wheelEnd(wheelEndId),
        api.jobs(),
        api.jobCosts(wheelEndId, days),
        records.benchReference(),
      ])
      asked = reference.choices
      choices ??= reference.usual
      end = here
      costs = beside
      // one job at a time on a wheel end: go on with that one
      const going = jobs.find((job) => job.wheelEndId === wheelEndId)
      if (going) await goto(`/bench/${going.id}`, { replaceState: true })
    })
    void choose(scope)
    return keys.add([
      { keys: [' ', 'PageDown'], does: 'Begin the job', run: () => void start() },
      {
        keys: ['PageUp'],
        does: 'Back to the wheel end',
        run: () => void goto(`/wheel-ends/${wheelEndId}`),
      },
      ...scopes.map((one, i) => ({
        keys: [String(i + 1)],
        does: one.label,
        run: () => void choose(one.value),
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
    {#if end}<p class="text-read">{end.rigName}, {end.position}</p>{/if}
    <div role="radiogroup" aria-label="How far does it go?" class="border-t-2 border-ink">
      {#each scopes as one, i (one.value)}
        <button
          type="button"
          role="radio"
          aria-checked={scope === one.value}
          class={[
            'flex min-h-16 w-full items-center gap-4 border-b border-rule px-2 text-left',
            scope === one.value ? 'bg-ink text-wall' : 'hover:bg-sheet',
          ]}
          onclick={() => void choose(one.value)}
        >
          <KeyCap key={String(i + 1)} />
          <span>
            <span class="block type-card text-[20px]">{one.label}</span>
            <span class="text-label">{one.note}</span>
          </span>
        </button>
      {/each}
    </div>
    {#if choices}
      <JobChoices {asked} {choices} {scope} onchoose={(how) => void choose(scope, how)} />
    {/if}
    {#if attempt.problem}
      <ProblemCard title={attempt.problem.title}>
        <p>{attempt.rest(() => false)}</p>
      </ProblemCard>
    {/if}
    <Button tone="main" disabled={attempt.busy || attempt.problem !== null} onclick={start}>
      Begin <KeyCap key="Space" />
    </Button>
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
          {plan.steps} steps.
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
          Never used twice on this hub: {plan.alwaysNew.join(', ')}.
        </p>
      </section>
      {#if costs}<Costs {costs} {scope} {days} onwait={wait} />{/if}
      <section aria-labelledby="tools">
        <h2 id="tools" class="type-h">Tools and supplies, by the stage that first needs them</h2>
        <table class="mt-1 w-full border-t-2 border-ink">
          <tbody>
            {#each plan.needs as needs (needs.stage)}
              <tr class="border-b border-rule align-top">
                <th scope="row" class="w-44 py-1.5 pr-3 text-left font-semibold"
                  ><span class="type-num font-normal text-ink2">{needs.stage}</span>
                  {needs.words}</th
                >
                <td class="py-1.5">{[...needs.tools, ...needs.supplies].join(', ')}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </section>
    {:else if !attempt.problem}
      <p class="text-ink2" role="status">Planning …</p>
    {/if}
  </section>
</div>
