<script lang="ts">
  import { onMount } from 'svelte'
  import { keys } from '$features/keys'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { Mark } from '$ui/mark'
  import type { JudgeEntry } from './judge.svelte'

  interface Props {
    entry: JudgeEntry
    mayOverrule: boolean
  }

  let { entry, mayOverrule }: Props = $props()

  const good = $derived(
    entry.isBearing
      ? 'Washed, nail over it, turned by hand: nothing found'
      : 'Looked at and felt: nothing found',
  )
  /** What each answer does; nobody has looked because somebody pressed the pedal. */
  const answers = $derived([
    { key: 'G', shape: 'good', name: 'Good', says: good, give: () => void entry.good() },
    {
      key: 'L',
      shape: 'soon',
      name: 'Look closer',
      says: 'Name what is seen; the verdict follows from it',
      give: () => entry.look(),
    },
    {
      key: 'C',
      shape: 'never',
      name: 'Scrap',
      says: mayOverrule ? 'By your own word, with a reason' : 'Name what ended it',
      give: () => entry.scrap(mayOverrule),
    },
  ] as const)

  onMount(() =>
    keys.add(
      ['G', 'L', 'C'].map((key) => ({
        keys: [key, key.toLowerCase()],
        does: { G: 'Good', L: 'Look closer', C: 'Scrap' }[key] ?? '',
        run: () => answers.find((one) => one.key === key)?.give(),
      })),
    ),
  )
</script>

<div class="flex flex-col gap-2" role="group" aria-label="Verdict">
  {#each answers as answer (answer.key)}
    <button
      type="button"
      aria-pressed={answer.key === 'L'
        ? entry.closer && !entry.scrapping
        : answer.key === 'C' && entry.scrapping}
      class={[
        'flex min-h-[72px] items-center gap-3 rounded-plate border-2 border-ink px-3 py-2 text-left',
        (answer.key === 'L' && entry.closer && !entry.scrapping) ||
        (answer.key === 'C' && entry.scrapping)
          ? 'bg-tray'
          : 'bg-sheet hover:bg-tray',
      ]}
      onclick={answer.give}
    >
      <Mark shape={answer.shape} size={40} />
      <span class="flex-1 leading-tight">
        <span class="block type-card text-[24px]">{answer.name}</span>
        <span class="block">{answer.says}</span>
      </span>
      <KeyCap key={answer.key} />
    </button>
  {/each}
</div>
{#if entry.scrapping && mayOverrule}
  <form
    class="flex flex-col gap-2 border-t border-rule pt-2"
    onsubmit={(event) => {
      event.preventDefault()
      void entry.save()
    }}
  >
    <Field label="What ended it" bind:value={entry.reason} maxlength={1000} />
    <Button size="list" type="submit" disabled={entry.reason.trim() === ''}>Scrap it</Button>
  </form>
{/if}
