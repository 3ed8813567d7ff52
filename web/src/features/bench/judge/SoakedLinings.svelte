<script lang="ts">
  import { Button } from '$ui/button'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  const open = $derived(bench.job?.parts.condemnable.some((one) => one.part === 'LININGS') ?? false)
</script>

{#if open}
  <Button
    size="list"
    class="mt-3"
    disabled={bench.attempt.busy}
    onclick={() => void bench.condemn(['LININGS'], 'soaked with grease or fluid')}
    >The linings are soaked: new ones</Button
  >
{/if}
