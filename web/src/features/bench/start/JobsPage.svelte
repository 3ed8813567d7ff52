<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { ProblemError, type Problem, type Schemas } from '$api/request'
  import { moment } from '$features/display'
  import { keys } from '$features/keys'
  import { ProblemCard } from '$ui/problem-card'

  let jobs = $state.raw<Schemas['JobLineView'][] | null>(null)
  let problem = $state.raw<Problem | null>(null)

  type Line = Schemas['JobLineView']
  /** Hubs of one job together, where its latest stands. */
  const groups = $derived.by(() => {
    const found: Line[][] = []
    for (const job of jobs ?? []) {
      const same = found.find((group) => group[0]?.rigJobId === job.rigJobId)
      if (same) same.push(job)
      else found.push([job])
    }
    return found
  })
  const part = (job: Schemas['JobLineView']): number =>
    job.stepsDone / Math.max(1, job.stepsDone + job.stepsLeft)

  async function load(): Promise<void> {
    try {
      jobs = await api.jobs()
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      problem = error.problem
    }
  }

  onMount(() => {
    void load()
    return keys.add([
      {
        keys: ['Enter'],
        does: 'Go on with the job opened last',
        run: () => jobs?.[0] && void goto(`/bench/${jobs[0].id}`),
      },
    ])
  })
</script>

<svelte:head><title>Bench · Old Tallow</title></svelte:head>

<div class="max-w-[70rem] px-4 py-4 desk:px-5">
  <h1 class="type-say">On the bench</h1>
  {#if problem}
    <ProblemCard title={problem.title}><p>{problem.detail}</p></ProblemCard>
  {:else if jobs?.length === 0}
    <p class="mt-2 max-w-[52ch] text-read">
      No hub is apart. Open a wheel end in the <a href="/">yard</a> and begin its job there.
    </p>
  {:else if jobs}
    <ul class="mt-3 border-t-2 border-ink">
      {#each groups as group (group[0]?.rigJobId)}
        <li class="border-b border-rule">
          {#if group.length > 1}
            <p class="pt-2 text-label font-semibold">
              One job, {group.length} hubs of {group[0]?.rigName}
            </p>
          {/if}
          {#each group as job (job.id)}
            <a
              href={`/bench/${job.id}`}
              class="grid gap-x-6 gap-y-1 py-3 text-ink no-underline hover:bg-sheet tab:grid-cols-[minmax(0,4fr)_minmax(0,5fr)_220px]"
            >
              <span>
                <span class="block type-h">{job.rigName}, {job.position}</span>
                <span class="text-label">{job.scopeWords}</span>
              </span>
              <span>
                {#if job.waitsFor}
                  <span class="block font-semibold text-brass">Waits for: {job.waitsFor}</span>
                {:else if job.state === 'AWAITS_SIGN_OFF'}
                  <span class="block font-semibold text-brass">Waits for a mechanic’s sign-off</span
                  >
                {:else}
                  <span class="block font-semibold"
                    >{job.now ? `Now: ${job.now}` : 'To be closed'}</span
                  >
                {/if}
                <span class="text-label text-ink2">{job.lastBy}, {moment(job.lastAt)}</span>
              </span>
              <span>
                <span class="block h-3.5 border border-ink bg-sheet" aria-hidden="true"
                  ><span
                    class="block h-full bg-verdigris-fill"
                    style:width={`${Math.round(part(job) * 100)}%`}
                  ></span></span
                >
                <span class="text-label">{job.stepsDone} steps done, {job.stepsLeft} left</span>
              </span>
            </a>
          {/each}
        </li>
      {/each}
    </ul>
  {:else}
    <p class="text-ink2" role="status">Fetching the jobs …</p>
  {/if}
</div>
