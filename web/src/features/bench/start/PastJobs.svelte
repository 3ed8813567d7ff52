<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { moment } from '$features/display'

  interface Props {
    /** Of a wheel end, or of all of a rig. */
    wheelEndId?: string
    rigId?: string
  }

  let { wheelEndId, rigId }: Props = $props()

  const attempt = new Attempt()
  const id = $props.id()
  let jobs = $state.raw<Schemas['PastJobView'][] | null>(null)

  /** Hubs that were done in one job stand together. */
  const rigJobs = $derived(
    (jobs ?? []).reduce<Schemas['PastJobView'][][]>((all, job) => {
      const one = all.find((hubs) => hubs[0]?.rigJobId === job.rigJobId)
      if (one) one.push(job)
      else all.push([job])
      return all
    }, []),
  )
  const hubs = (of: Schemas['PastJobView'][]): string =>
    of.length > 1 ? `${of.length} hubs` : (of[0]?.position ?? '')

  onMount(() => {
    void attempt.run(async () => {
      if (wheelEndId !== undefined) jobs = await api.pastJobsOfWheelEnd(wheelEndId)
      else if (rigId !== undefined) jobs = await api.pastJobsOfRig(rigId)
    })
  })
</script>

<section aria-labelledby={id}>
  <h2 {id} class="type-h">Jobs so far</h2>
  <ul class="mt-1 border-t-2 border-ink text-label">
    {#each rigJobs as of (of[0]?.id)}
      {@const job = of[0]}
      {@const closed = of.find((one) => one.state === 'CLOSED')}
      {#if job}
        <li class="flex flex-wrap items-center gap-x-4 border-b border-rule">
          <a href={`/bench/${job.id}`} class="flex min-h-11 flex-1 items-center gap-2 text-ink">
            <span>
              <span class="font-semibold first-letter:uppercase">{job.scopeWords}</span
              >{wheelEndId === undefined ? `, ${hubs(of)}` : ''}
              <span class="text-ink2"
                >{of.every((one) => one.state === 'ABANDONED') ? 'given up ' : ''}{moment(
                  job.closedAt,
                )}</span
              >
            </span>
          </a>
          {#if closed}
            <a
              href={`/api/v1/jobs/${closed.id}/${of.length > 1 ? 'sheet-of-all-hubs' : 'service-sheet'}.pdf`}
              target="_blank"
              rel="noopener"
              class="flex min-h-11 items-center font-semibold"
              aria-label={`Service sheet of ${job.scopeWords}, ${hubs(of)}, ${moment(job.closedAt)}`}
              >Sheet</a
            >
          {/if}
          {#if of.length > 1}
            <ul class="flex w-full flex-wrap gap-x-4 pb-1" aria-label={`Hubs of ${job.scopeWords}`}>
              {#each of as one (one.id)}
                <li>
                  <a href={`/bench/${one.id}`} class="flex min-h-11 items-center"
                    >{one.position}{one.state === 'ABANDONED' ? ', given up' : ''}</a
                  >
                </li>
              {/each}
            </ul>
          {/if}
        </li>
      {/if}
    {:else}
      <li class="border-b border-rule py-1.5 text-ink2">
        {jobs ? 'None is over yet.' : (attempt.problem?.detail ?? 'Fetching …')}
      </li>
    {/each}
  </ul>
</section>
