<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
    /** Cups that went in on this job. */
    cups: Schemas['GuideView']['cups']
  }

  let { bench, cups }: Props = $props()

  type Cup = Schemas['CupMovedForm']['cups'][number]
  let open = $state(false)

  const nameOf = (cup: Cup): string =>
    bench.reference?.parts.find((one) => one.part === cup)?.words ?? cup.toLowerCase()
</script>

<div class="mt-2 border-t border-rule pt-2">
  {#if open}
    {#if cups.length > 0}
      <p class="font-semibold">
        A cup was not home. The hub comes off again, and the job goes back to that race.
      </p>
      <div class="mt-2 flex flex-wrap gap-2">
        {#each cups as cup (cup)}
          <Button onclick={() => void bench.cupMoved([cup])}>{nameOf(cup)} moved</Button>
        {/each}
        {#if cups.length > 1}<Button onclick={() => void bench.cupMoved([...cups])}
            >Cannot tell which</Button
          >{/if}
      </div>
    {:else}
      <p class="font-semibold">
        No cup went in on this job: one that moves now is loose in its bore. Change the scope under
        “More on this job” to renew the bearings, and look at the bore.
      </p>
    {/if}
    <Button
      size="list"
      class="mt-2"
      onclick={() => {
        open = false
      }}>Nothing moved after all</Button
    >
  {:else}
    <Button
      size="list"
      onclick={() => {
        open = true
      }}>Something moved under the wrench</Button
    >
  {/if}
</div>
