<script lang="ts">
  import type { Bench } from '$features/bench/job'
  import { ownShape, PlateRow } from '$features/plates'
  import RunParts from './RunParts.svelte'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  const steps = $derived(bench.run?.steps ?? (bench.step ? [bench.step] : []))
  /** A long strip of drawings is no help: one step's, or the parts of a run. */
  const plates = $derived(steps.length === 1 ? (steps[0]?.plates ?? []) : [])
  const own = $derived(steps[0] ? ownShape(steps[0], bench.section) : null)
</script>

<!-- what the hands have to do with now, over the tray -->
{#if plates.length > 0}
  <PlateRow ids={plates} {own} />
{:else if bench.run}
  <RunParts {bench} run={bench.run} inRow />
{/if}
