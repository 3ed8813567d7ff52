<script lang="ts">
  import DamagePatch from './DamagePatch.svelte'
  import type { JudgeEntry } from './judge.svelte'

  interface Props {
    entry: JudgeEntry
  }

  let { entry }: Props = $props()
</script>

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
