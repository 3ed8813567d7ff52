<script lang="ts">
  import type { Schemas } from '$api/client'

  interface Props {
    job: Schemas['JobView']
    mayRelease: boolean
  }

  let { job, mayRelease }: Props = $props()

  const title = $derived(
    job.waits
      ? 'Waiting for a part'
      : job.state === 'CLOSED'
        ? 'Closed'
        : job.state === 'ABANDONED'
          ? 'Given up'
          : job.state === 'AWAITS_SIGN_OFF'
            ? 'Waits for its sign-off'
            : job.hindrances.length === 0
              ? 'Nothing left to do'
              : 'Not yet closed',
  )
</script>

<h1 class="type-say text-[clamp(38px,4.4vw,60px)] leading-[0.98]">{title}</h1>
{#if job.waits}
  <dl class="mt-3 border-t border-rule text-read">
    <dt class="pt-2 text-label text-ink2">Missing</dt>
    <dd class="border-b border-rule pb-2 font-semibold">{job.waits.what}</dd>
    {#if job.waits.bag}
      <dt class="pt-2 text-label text-ink2">The loose parts lie in the bag</dt>
      <dd class="border-b border-rule pb-2 font-semibold">{job.waits.bag}</dd>
    {/if}
    {#if job.waits.orderedFrom}
      <dt class="pt-2 text-label text-ink2">Ordered from</dt>
      <dd class="border-b border-rule pb-2 font-semibold">{job.waits.orderedFrom}</dd>
    {/if}
  </dl>
{:else if job.state === 'AWAITS_SIGN_OFF'}
  <p class="mt-3 text-read">
    {mayRelease
      ? 'An apprentice did this job. Look at the setting and the records, then answer for it.'
      : 'A mechanic has to look at it and sign it off.'}
  </p>
{:else if job.hindrances.length > 0}
  <ul class="mt-3 border-t border-rule text-read">
    {#each job.hindrances as hindrance (hindrance)}
      <li class="border-b border-rule py-2">{hindrance}</li>
    {/each}
  </ul>
{:else if job.state === 'OPEN'}
  <p class="mt-3 text-read">
    The tray is empty, every check is met, the setting is on record. Close the job.
  </p>
{:else}
  <p class="mt-3 text-read"><a href={`/wheel-ends/${job.wheelEndId}`}>To the wheel end</a></p>
{/if}
