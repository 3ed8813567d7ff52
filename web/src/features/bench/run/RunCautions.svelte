<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Bench } from '$features/bench/job'
  import { CautionCard, KnownCautions } from '$features/bench/step'

  interface Props {
    bench: Bench
    run: Schemas['RunView']
  }

  let { bench, run }: Props = $props()

  const all = $derived(
    [...run.steps, ...bench.together.flatMap((one) => one.steps)]
      .flatMap((step) => step.cautions)
      .filter((one, i, every) => every.findIndex((other) => other.id === one.id) === i),
  )
  const fresh = $derived(all.filter((one) => !bench.warnedOf(one.id)))
  const known = $derived(all.filter((one) => bench.warnedOf(one.id)))
</script>

<div class="flex flex-col gap-2">
  {#each fresh as caution (caution.id)}
    <CautionCard
      {caution}
      met={false}
      slim={fresh.length > 1}
      onmeet={() => bench.meetCaution(caution.id)}
    />
  {/each}
  {#if known.length > 0}<KnownCautions {known} />{/if}
</div>
