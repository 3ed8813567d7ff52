<script lang="ts">
  import { onMount } from 'svelte'
  import type { Bench, JobLine } from '$features/bench/job'

  interface Props {
    bench: Bench
    line: JobLine | null
  }

  let { bench, line }: Props = $props()

  /** A line is opened within this time, or it is missed. */
  const PATIENCE = 5_000
  let now = $state(Date.now())
  let since = Date.now()

  onMount(() => {
    const timer = setInterval(() => {
      now = Date.now()
      if (line?.open) since = now
    }, 1000)
    return () => clearInterval(timer)
  })

  const missed = $derived(line !== null && !line.open && now - since > PATIENCE)
  const old = $derived.by((): string => {
    const seconds = Math.max(0, Math.round((now - bench.seenAt) / 1000))
    return seconds < 90 ? `${seconds} s` : `${Math.round(seconds / 60)} min`
  })
</script>

{#if missed}
  <p role="status" class="mb-2 text-label">
    <b>No line.</b> What others do is not seen at once: this is as it was {old} ago. It is tried again
    by itself.
  </p>
{/if}
