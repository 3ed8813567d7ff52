<script lang="ts">
  import { api } from './api'
  import { Attempt } from '$api/attempt.svelte'
  import { Button } from '$ui/button'
  import { ProblemCard } from '$ui/problem-card'

  const attempt = new Attempt()
  let asking = $state(false)

  async function end(keepRigs: boolean): Promise<void> {
    if (await attempt.run(() => api.endDemo(keepRigs))) location.assign('/')
  }
</script>

<section aria-labelledby="demo-over">
  <h2 id="demo-over" class="type-h">This is the demo</h2>
  <p class="mt-1 border-t-2 border-ink pt-2">
    People and rigs are made up, and everybody knows the passwords. End it to begin your own book:
    you open the workshop with the word that is printed where Old Tallow was started.
  </p>
  {#if asking}
    <div class="mt-3 flex flex-wrap gap-2">
      <Button size="list" tone="main" disabled={attempt.busy} onclick={() => void end(false)}
        >End it, all that was made up goes</Button
      >
      <Button size="list" disabled={attempt.busy} onclick={() => void end(true)}
        >End it, keep the rigs</Button
      >
      <Button
        size="list"
        onclick={() => {
          asking = false
        }}>Not yet</Button
      >
    </div>
  {:else}
    <Button
      size="list"
      class="mt-3"
      onclick={() => {
        asking = true
      }}>End the demo</Button
    >
  {/if}
  {#if attempt.problem}
    <ProblemCard title={attempt.problem.title}><p>{attempt.problem.detail}</p></ProblemCard>
  {/if}
</section>
