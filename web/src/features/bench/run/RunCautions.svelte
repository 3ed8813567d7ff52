<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Bench } from '$features/bench/job'
  import { CautionCard } from '$features/bench/step'

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
    <CautionCard {caution} met={false} onmeet={() => bench.meetCaution(caution.id)} />
  {/each}
  {#if known.length > 0}
    <!-- each was said in full once: a line is enough -->
    <details class="border-b border-rule">
      <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
        >△ {known.map((caution) => caution.title).join('; ')}</summary
      >
      {#each known as caution (caution.id)}
        <p class="pb-2"><b>{caution.title}.</b> {caution.words}</p>
      {/each}
    </details>
  {/if}
</div>
