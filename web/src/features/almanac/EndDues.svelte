<script lang="ts">
  import type { Schemas } from '$api/request'
  import { away, date } from '$features/display'
  import { authorityWords } from '$features/nut-dial/state'
  import { states } from '$features/yard'
  import { Mark } from '$ui/mark'

  interface Props {
    ends: Schemas['EndView'][]
  }

  let { ends }: Props = $props()
</script>

<section aria-labelledby="dues">
  <h2 id="dues" class="type-h">What falls due</h2>
  <ul class="mt-1 border-t-2 border-ink">
    {#each ends as end (end.id)}
      <li class="grid grid-cols-[34px_minmax(0,1fr)] gap-x-3 border-b border-rule py-2">
        <Mark shape={states[end.state].shape} size={28} />
        <div class="min-w-0">
          <p class="flex flex-wrap items-baseline gap-x-3">
            <a href={`/wheel-ends/${end.id}`} class="type-card text-ink">{end.position}</a>
            <span class="text-label font-semibold">{states[end.state].word}</span>
          </p>
          {#each end.dues as due (due.action)}
            <div class="mt-1 grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 leading-tight">
              <p>
                <span class="font-semibold">{due.words}</span>
                <span class="text-label text-ink2">
                  {due.by}, {authorityWords[due.authority].toLowerCase()}: {due.source}{#if due.hardUse};
                    shortened for {due.hardUse}{/if}
                </span>
                {#if due.daysLeft < 0}
                  <span class="block text-label font-semibold text-oxide">{due.ifLate}</span>
                {/if}
              </p>
              <p class="text-right whitespace-nowrap">
                <span class="font-bold tabular-nums">{date(due.likely)}</span>
                <span class="block text-label text-ink2">{away(due.daysLeft)}</span>
                {#if !due.certain}
                  <span class="block text-min text-ink2"
                    >{date(due.earliest)} to {date(due.latest)}</span
                  >
                {/if}
              </p>
            </div>
          {:else}
            <p class="text-label text-ink2">
              Nobody knows when it was last done. Write it down below, or open it.
            </p>
          {/each}
        </div>
      </li>
    {/each}
  </ul>
</section>
