<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import type { Bench, Item } from '$features/bench/job'
  import DamagePatch from './DamagePatch.svelte'
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
  {#if entry.isBearing}
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
  <Button size="list" onclick={() => entry.save()} disabled={bench.attempt.busy}
    >{bench.judging ? 'Judge it anew' : 'Judge it'} by what is ticked: {entry.findings
      .length}</Button
  >
  <ul class="grid grid-cols-2 gap-1.5" aria-label="Damage to look for">
    {#each entry.modes as mode (mode.mode)}
      {@const count = entry.countOf(mode)}
      <li
        class={[
          'rounded-plate border border-ink',
          count > 0 ? 'bg-oxide-wash' : 'bg-sheet',
          entry.mode === mode && 'col-span-2',
        ]}
      >
        <button
          type="button"
          class="flex w-full gap-2 p-1.5 text-left"
          aria-expanded={entry.mode === mode}
          onclick={() => {
            entry.mode = entry.mode === mode ? null : mode
          }}
        >
          <DamagePatch mode={mode.mode} />
          <span class="min-w-0 leading-tight">
            <span class="block font-semibold">{mode.words}{count > 0 ? ` (${count})` : ''}</span>
            <span class="block text-min text-ink2"
              >{mode.clause ? `${mode.clause} ` : ''}{mode.term}</span
            >
          </span>
        </button>
        {#if entry.mode === mode}
          <p class="px-2 text-label">{mode.looksLike}</p>
          <ul class="p-2">
            {#each entry.spotsOf(mode) as spot (spot.spot)}
              {@const found = entry.findings.find(
                (one) => one.mode === mode.mode && one.spot === spot.spot,
              )}
              <li class="flex items-center gap-2 border-t border-rule py-1">
                <span class="flex-1 leading-tight">{spot.words}</span>
                {#each ['TRACE', 'CLEAR'] as const as extent (extent)}
                  <button
                    type="button"
                    aria-pressed={found?.extent === extent}
                    aria-label={`${extent === 'TRACE' ? 'a trace' : 'clearly'}, ${spot.words}`}
                    class={[
                      'min-h-11 min-w-20 rounded-plate border border-ink font-semibold',
                      found?.extent === extent ? 'bg-ink text-wall' : 'bg-sheet',
                    ]}
                    onclick={() => entry.toggle(mode, spot.spot, extent)}
                    >{extent === 'TRACE' ? 'a trace' : 'clearly'}</button
                  >
                {/each}
              </li>
            {/each}
          </ul>
        {/if}
      </li>
    {/each}
  </ul>
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
