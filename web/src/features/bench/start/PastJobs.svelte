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
    {#each jobs ?? [] as job (job.id)}
      <li class="flex flex-wrap items-center gap-x-4 border-b border-rule">
        <a href={`/bench/${job.id}`} class="flex min-h-11 flex-1 items-center gap-2 text-ink">
          <span>
            <span class="font-semibold first-letter:uppercase">{job.scopeWords}</span
            >{wheelEndId === undefined ? `, ${job.position}` : ''}
            <span class="text-ink2"
              >{job.state === 'ABANDONED' ? 'given up ' : ''}{moment(job.closedAt)}</span
            >
          </span>
        </a>
        {#if job.state === 'CLOSED'}
          <a
            href={`/api/v1/jobs/${job.id}/service-sheet.pdf`}
            target="_blank"
            rel="noopener"
            class="flex min-h-11 items-center font-semibold"
            aria-label={`Service sheet of ${job.scopeWords}, ${job.position}, ${moment(job.closedAt)}`}
            >Sheet</a
          >
        {/if}
      </li>
    {:else}
      <li class="border-b border-rule py-1.5 text-ink2">
        {jobs ? 'None is over yet.' : (attempt.problem?.detail ?? 'Fetching …')}
      </li>
    {/each}
  </ul>
</section>
