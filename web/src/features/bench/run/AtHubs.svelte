<script lang="ts">
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  const isIn = (jobId: string): boolean => bench.together.some((one) => one.jobId === jobId)
</script>

{#if bench.alongside.length > 0}
  <!-- the same press counts there; who has not been there touches it -->
  <div role="group" aria-label="This press counts at" class="mt-2 flex flex-wrap gap-1.5">
    <span
      class="flex min-h-11 items-center border border-ink bg-ink px-2 text-label font-semibold text-wall"
      >{bench.job?.hub.position}</span
    >
    {#each bench.alongside as other (other.jobId)}
      <button
        type="button"
        aria-pressed={isIn(other.jobId)}
        class={[
          'flex min-h-11 items-center border px-2 text-label font-semibold',
          isIn(other.jobId)
            ? 'border-ink bg-grease-wash'
            : 'border-dashed border-ink2 bg-wall text-ink2 line-through',
        ]}
        onclick={(event) => {
          event.currentTarget.blur()
          bench.leaveOut(other.jobId)
        }}>{other.position}</button
      >
    {/each}
  </div>
{/if}
