<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Bench } from '$features/bench/job'
  import { StepActions } from '$features/bench/otherwise'
  import { StepPanel } from '$features/bench/step'
  import { ownShape, PlateRow } from '$features/plates'

  interface Props {
    bench: Bench
    step: Schemas['BenchStepView']
    mayWaive: boolean
    number: number
  }

  let { bench, step, mayWaive, number }: Props = $props()

  const needs = $derived([...step.tools, ...step.supplies].join(', '))
  /** What is worked out or counted beside it stands in the line as it does at the step. */
  const works = $derived(step.aid !== undefined || step.timer !== undefined)
</script>

{#snippet line()}
  <span class="w-5 flex-none font-bold">{number}</span>
  <span class="flex-1">{step.what}</span>
  {#if step.byMechanic}<span class="text-label font-semibold">a mechanic’s</span>{/if}
{/snippet}

<details>
  <summary class="flex min-h-12 cursor-pointer items-center gap-2 py-1 text-read">
    {@render line()}
  </summary>
  <div class="pb-2 pl-7">
    {#if step.plates.length > 0}<PlateRow
        ids={step.plates}
        own={ownShape(step, bench.section)}
        class="mb-2"
      />{/if}
    {#if works}
      <StepPanel {bench} {step} {mayWaive} onRun="named" />
    {:else}
      {#if step.why}<p class="text-read">{step.why}</p>{/if}
      {#each step.how as words (words)}<p class="mt-1 text-read">{words}</p>{/each}
      {#if needs}<p class="mt-1"><span class="font-semibold">At hand:</span> {needs}</p>{/if}
    {/if}
    <StepActions {bench} {step} {mayWaive} isLine />
  </div>
</details>
