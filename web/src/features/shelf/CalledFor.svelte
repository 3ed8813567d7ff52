<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark } from '$ui/mark'

  interface Props {
    jobs: Schemas['CalledForView'][]
  }

  let { jobs }: Props = $props()
</script>

{#if jobs.length > 0}
  <section aria-labelledby="called-for">
    <h2 id="called-for" class="type-h">A job on the bench waits for</h2>
    <ul class="mt-2 border-t-2 border-ink">
      {#each jobs as job (job.jobId)}
        {@const allHere = job.lines.length > 0 && job.lines.every((line) => line.here)}
        <li class="flex items-start gap-3 border-b border-rule py-2">
          <Mark shape={allHere ? 'good' : 'overdue'} size={24} />
          <div class="leading-tight">
            <a href={`/bench/${job.jobId}`} class="type-card">{job.rigName}, {job.position}</a>
            <p class="text-label">
              Found done with: <b>{job.parts.join(', ')}</b>
            </p>
            <ul class="mt-1 text-label">
              {#each job.lines as line (line.part)}
                <li class={line.here ? '' : 'font-semibold'}>
                  {line.here ? 'on the shelf' : 'to order'}: {line.part}
                  {line.designation || '(size not on record: measure it)'}
                </li>
              {/each}
            </ul>
          </div>
        </li>
      {/each}
    </ul>
  </section>
{/if}
