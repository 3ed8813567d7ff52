<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import type { Bench, Item } from '$features/bench/job'
  import Answers from './Answers.svelte'
  import Damages from './Damages.svelte'
  import { JudgeEntry } from './judge.svelte'
  import VerdictCard from './VerdictCard.svelte'

  interface Props {
    bench: Bench
    item: Item
    reference: Schemas['BenchReferenceView']
    mayOverrule: boolean
  }

  let { bench, item, reference, mayOverrule }: Props = $props()

  // made anew for each item
  // svelte-ignore state_referenced_locally
  const entry = new JudgeEntry(bench, item, reference)
  const senses = [
    { value: 'LOOKING', words: 'looked at' },
    { value: 'FINGERNAIL', words: 'fingernail over it' },
    { value: 'TURNING', words: 'turned by hand' },
  ] as const
  const tick = 'flex min-h-11 cursor-pointer items-center gap-2.5'
</script>

<section aria-label="What was found" class="flex flex-col gap-2.5">
  {#if bench.judging}<VerdictCard
      judging={bench.judging}
      comparison={bench.job?.comparison ?? []}
    />{/if}
  {#if !bench.judging}<Answers {entry} {mayOverrule} />{/if}
  {#if entry.closer && entry.isBearing}
    <fieldset class="grid grid-cols-2 gap-x-3 border-t border-rule pt-1">
      <legend class="sr-only">How it was looked at</legend>
      <label class={tick}
        ><input
          type="checkbox"
          class="size-6 accent-verdigris-fill"
          bind:checked={entry.cleaned}
        />all old grease off</label
      >
      {#each senses as sense (sense.value)}
        <label class={tick}
          ><input
            type="checkbox"
            class="size-6 accent-verdigris-fill"
            checked={entry.by.includes(sense.value)}
            onchange={() => entry.sense(sense.value)}
          />{sense.words}</label
        >
      {/each}
      <label class={tick}
        ><input type="checkbox" class="size-6 accent-verdigris-fill" bind:checked={entry.noisy} />it
        was noisy</label
      >
    </fieldset>
  {/if}
  {#if entry.closer}
    <Button size="list" onclick={() => entry.save()} disabled={bench.attempt.busy}
      >{bench.judging ? 'Judge it anew' : 'Judge it'} by what is ticked: {entry.findings
        .length}</Button
    >
    <Damages {entry} />
  {/if}
  {#if mayOverrule && bench.judging}
    <details class="border-t border-rule">
      <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
        >I judge it otherwise</summary
      >
      <div class="flex flex-col gap-2 pb-2">
        <div class="flex gap-1.5">
          {#each [['REUSE', 'It goes back'], ['RENEW', 'It is renewed']] as const as [value, words] (value)}
            <button
              type="button"
              aria-pressed={entry.overruled === value}
              class={[
                'min-h-11 flex-1 rounded-plate border border-ink font-semibold',
                entry.overruled === value ? 'bg-ink text-wall' : 'bg-sheet',
              ]}
              onclick={() => {
                entry.overruled = entry.overruled === value ? '' : value
              }}>{words}</button
            >
          {/each}
        </div>
        <Field label="Why" bind:value={entry.reason} maxlength={1000} />
      </div>
    </details>
  {/if}
</section>
