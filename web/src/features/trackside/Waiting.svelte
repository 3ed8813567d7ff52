<script lang="ts">
  import { moment } from '$features/display'
  import { line, type Entry } from '$trackside'
  import { Button } from '$ui/button'
  import { whatIs } from './words'

  const at = (entry: Entry): string => moment(new Date(entry.at).toISOString())
</script>

{#if line.refused.length > 0}
  <section aria-labelledby="not-taken">
    <h2 id="not-taken" class="type-h text-oxide">Not taken</h2>
    <p class="text-label text-ink2">
      Somebody else was there meanwhile, or it does not fit any more. Look at the job, then say what
      becomes of it.
    </p>
    <ul class="mt-1 border-t-2 border-ink">
      {#each line.refused as entry (entry.number)}
        <li class="border-b border-rule py-2">
          <p>
            <span class="font-semibold">{whatIs(entry)}</span>
            <span class="text-label text-ink2">{at(entry)}</span>
          </p>
          <p class="text-oxide">{entry.refusal?.detail}</p>
          {#each entry.refusal?.errors ?? [] as error (error.field)}
            <p class="text-label">{error.field} {error.value ?? ''} {error.remedy}</p>
          {/each}
          <div class="mt-1 flex gap-2">
            <Button size="list" onclick={() => void line.settle(entry, true)}>Send it again</Button>
            <Button size="list" onclick={() => void line.settle(entry, false)}>Let it go</Button>
          </div>
        </li>
      {/each}
    </ul>
  </section>
{/if}
<section aria-labelledby="waits">
  <h2 id="waits" class="type-h">Not sent yet</h2>
  {#if line.waiting.length > 0}
    <ol class="mt-1 border-t-2 border-ink">
      {#each line.waiting as entry (entry.number)}
        <li class="flex min-h-11 items-center gap-3 border-b border-rule">
          <span class="flex-1">{whatIs(entry)}</span>
          <span class="type-num text-label text-ink2">{at(entry)}</span>
        </li>
      {/each}
    </ol>
    <Button class="mt-2 w-full" onclick={() => void line.send()}>Send now</Button>
  {:else}
    <p class="mt-1 border-t-2 border-ink pt-2">
      Nothing. The server has all that was entered here.
    </p>
  {/if}
</section>
