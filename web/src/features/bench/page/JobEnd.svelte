<script lang="ts">
  import type { Schemas } from '$api/request'
  import { moment } from '$features/display'
  import DoneSteps from './DoneSteps.svelte'

  interface Props {
    job: Schemas['JobView']
    mayRelease: boolean
  }

  let { job, mayRelease }: Props = $props()

  const over = $derived(job.state === 'CLOSED' || job.state === 'ABANDONED')
  const hubs = $derived(job.round.hubs.length)
  const names = (of: string[]): string => of.join(' and ')
  const people = $derived(names([...new Set(job.walk.done.map((one) => one.by))]))
  const measured = $derived(job.walk.done.filter((one) => one.readings.length > 0))
  const title = $derived(
    job.waits
      ? 'Waiting for a part'
      : job.state === 'CLOSED'
        ? 'Closed'
        : job.state === 'ABANDONED'
          ? 'Given up'
          : job.state === 'AWAITS_SIGN_OFF'
            ? 'Waits for its sign-off'
            : job.closing.hindrances.length === 0
              ? 'Nothing left to do'
              : 'Not yet closed',
  )
</script>

{#snippet sheet(file: string, words: string)}
  <a
    href={`/api/v1/jobs/${job.id}/${file}`}
    target="_blank"
    rel="noopener"
    class="flex min-h-11 items-center font-semibold">{words}</a
  >
{/snippet}

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
      ? `Work of ${names(job.closing.toAnswerFor)}. Look at the setting and the records, then answer for it.`
      : 'A mechanic has to look at it and sign it off.'}
  </p>
{:else if job.state === 'OPEN' && job.closing.hindrances.length > 0}
  <ul class="mt-3 border-t border-rule text-read">
    {#each job.closing.hindrances as hindrance (hindrance)}
      <li class="border-b border-rule py-2">{hindrance}</li>
    {/each}
  </ul>
{:else if job.state === 'OPEN'}
  <p class="mt-3 text-read">
    The tray is empty, every check is met, the setting is on record. Close the job.
  </p>
  {#if job.closing.toAnswerFor.length > 0}
    <p class="mt-3 text-read">
      {mayRelease
        ? `${names(job.closing.toAnswerFor)} worked on it: whoever closes it answers for that. Look at the setting and the verdicts first.`
        : 'A mechanic looks at it and signs it off after that.'}
    </p>
  {/if}
{/if}
<p class="mt-3 flex flex-wrap gap-x-4">
  {#if hubs > 1}
    {@render sheet(`sheet-of-all-hubs.pdf`, `Service sheet of all ${hubs} hubs, PDF`)}
    {@render sheet(`sheet-of-all-hubs.html`, 'to print')}
    {@render sheet(`service-sheet.pdf`, 'of this hub')}
  {:else}
    {@render sheet(`service-sheet.pdf`, 'Service sheet, PDF')}
    {@render sheet(`service-sheet.html`, 'to print')}
  {/if}
  <a href={`/rigs/${job.hub.rigId}/almanac`} class="flex min-h-11 items-center font-semibold"
    >When it is due again</a
  >
</p>
{#if over}
  <p class="mt-2 text-read">
    {job.walk.done.length} steps from {moment(job.openedAt)}, by {people}.
  </p>
  {#if job.judgings.length > 0}
    <ul class="mt-3 border-t border-rule">
      {#each job.judgings as judging (judging.item)}
        <li class="border-b border-rule py-1.5 first-letter:uppercase">
          {judging.words}: <span class="font-semibold">{judging.outcomeWords}</span>
          <span class="text-label text-ink2">
            {judging.findings.map((finding) => finding.words).join('; ') || 'nothing found'}
          </span>
        </li>
      {/each}
    </ul>
  {/if}
  {#if measured.length > 0}
    <h2 class="mt-4 type-h">Measured</h2>
    <ul class="mt-1 border-t border-rule">
      {#each measured as one (`${one.stepId} ${one.at}`)}
        <li class="border-b border-rule py-1.5 type-num">{one.readings.join(', ')}</li>
      {/each}
    </ul>
  {/if}
  <h2 class="mt-4 type-h">All that was done</h2>
  <div class="mt-1 border-t border-rule"><DoneSteps done={job.walk.done} /></div>
{/if}
