<script lang="ts">
  import type { Schemas } from '$api/request'
  import HubMark from './HubMark.svelte'

  interface Props {
    job: Schemas['JobView']
  }

  let { job }: Props = $props()
</script>

<nav aria-label="Hubs of this job" class="mb-2 flex border border-ink bg-sheet">
  {#each job.round.hubs as hub (hub.jobId)}
    <a
      href={`/bench/${hub.jobId}`}
      aria-current={hub.jobId === job.id ? 'true' : undefined}
      class="flex min-h-11 flex-1 flex-col items-center border-l border-rule py-1 text-center text-min leading-tight text-ink no-underline first:border-l-0"
    >
      <HubMark {hub} here={hub.jobId === job.id} />
      {hub.position}
    </a>
  {/each}
</nav>
