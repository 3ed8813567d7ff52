<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    step: Schemas['BenchStepView']
    /** Its place in the list; null where it is the only one and its words are the title. */
    number: number | null
  }

  let { step, number }: Props = $props()

  const needs = $derived([...step.tools, ...step.supplies].join(', '))
  const more = $derived(step.why !== '' || step.how.length > 0 || needs !== '')
</script>

{#snippet how()}
  {#if step.why}<p class="text-read">{step.why}</p>{/if}
  {#each step.how as line (line)}<p class="mt-1 text-read">{line}</p>{/each}
  {#if needs}<p class="mt-1"><span class="font-semibold">At hand:</span> {needs}</p>{/if}
{/snippet}

{#snippet line()}
  <span class="w-5 flex-none font-bold">{number}</span>
  <span class="flex-1">{step.what}</span>
  {#if step.byMechanic}<span class="text-label font-semibold">a mechanic’s</span>{/if}
{/snippet}

{#if number === null}
  <div class="mt-2">{@render how()}</div>
{:else if more}
  <details>
    <summary class="flex min-h-12 cursor-pointer items-center gap-2 py-1 text-read">
      {@render line()}
    </summary>
    <div class="pb-2 pl-7">{@render how()}</div>
  </details>
{:else}
  <p class="flex min-h-12 items-center gap-2 py-1 text-read">{@render line()}</p>
{/if}
