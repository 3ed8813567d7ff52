<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity'
  import type { Schemas } from '$api/request'
  import { records } from '$features/records'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
    step: Schemas['BenchStepView']
  }

  let { bench, step }: Props = $props()

  type Choice = Schemas['ChoiceAskedView']

  /** What was chosen here, until it is the workshop's way or another step is in hand. */
  const changed = new SvelteSet<string>()
  const kept = new SvelteSet<string>()
  const words = (one: Choice): string =>
    one.values.find(({ value }) => value === one.now)?.words ?? ''

  async function choose(one: Choice, way: string): Promise<void> {
    if (way === one.now || !(await bench.chooseWay(one.kind, way))) return
    changed.add(one.kind)
    kept.delete(one.kind)
  }

  async function keep(one: Choice): Promise<void> {
    const done = await bench.attempt.run(() => records.keepUsualChoices({ [one.name]: one.now }))
    if (done) kept.add(one.kind)
  }
</script>

{#each step.choices as one (one.kind)}
  <details
    class="mb-1"
    ontoggle={(event) => {
      if (event.currentTarget.open) event.currentTarget.scrollIntoView({ block: 'nearest' })
    }}
  >
    <summary
      class="flex min-h-8 cursor-pointer flex-wrap items-center gap-x-1.5 text-label touch:min-h-11"
    >
      {one.words}: <b>{words(one)}</b>
      <span class="text-ink2">· another way?</span>
    </summary>
    <div role="group" aria-label={one.words} class="flex flex-col gap-1.5 pb-2">
      {#each one.values as { value, words: said } (value)}
        <button
          type="button"
          aria-pressed={value === one.now}
          disabled={bench.attempt.busy || bench.hasWaiting}
          class={[
            'min-h-12 rounded-plate border border-ink px-3 text-left font-semibold first-letter:uppercase',
            value === one.now ? 'bg-ink text-wall' : 'bg-sheet hover:bg-tray',
          ]}
          onclick={() => void choose(one, value)}>{said}</button
        >
      {/each}
      {#if kept.has(one.kind)}
        <p role="status" class="font-semibold text-verdigris">Jobs begin so from now on.</p>
      {:else if changed.has(one.kind) && session.isOwner}
        <div>
          <Button size="list" onclick={() => void keep(one)}>Always so in this workshop</Button>
        </div>
      {/if}
    </div>
  </details>
{/each}
