<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Pick } from '$ui/pick'
  import type { Bench } from '$features/bench/job'
  import GreaseSwatch from './GreaseSwatch.svelte'

  interface Props {
    bench: Bench
    kind: Schemas['SignKindView']
    parts: Schemas['PartNameView'][]
  }

  let { bench, kind, parts }: Props = $props()

  const mine = $derived(bench.signs.filter((one) => one.kind === kind.kind))
  const chosen = $derived(mine.at(-1)?.value ?? '')
  /** Only what this hub can show. */
  const values = $derived(
    kind.values.filter((one) => one.value !== 'AT_SPRING_CAP' || bench.job?.hub.springCap),
  )
  let part = $state<Schemas['PartNameView']['part']>('WASHER')

  function choose(value: string): void {
    void bench.look({ kind: kind.kind, value, ...(kind.kind === 'MISPLACED' ? { part } : {}) })
  }

  const words = (sign: Schemas['SignForm']): string =>
    `${parts.find((one) => one.part === sign.part)?.words ?? ''} ${
      kind.values.find((one) => one.value === sign.value)?.words ?? ''
    }`
</script>

<fieldset class="border-t border-rule pt-2">
  <legend class="float-left w-full pb-1.5 font-semibold">{kind.words}</legend>
  {#if kind.kind === 'MISPLACED'}
    <Pick
      class="clear-both pb-1.5"
      label="Which part"
      options={parts.map((one) => ({ value: one.part, label: one.words }))}
      value={part}
      onchange={(next) => {
        part = next
      }}
    />
  {/if}
  <div class={['clear-both grid gap-1.5', kind.kind === 'GREASE' ? 'grid-cols-3' : 'grid-cols-2']}>
    {#each values as one (one.value)}
      <button
        type="button"
        aria-pressed={chosen === one.value}
        title={one.means}
        class={[
          'flex min-h-14 rounded-plate border border-ink px-2.5 py-1.5 text-left leading-tight font-semibold',
          kind.kind === 'GREASE' ? 'flex-col items-center gap-1 text-center' : 'items-center',
          chosen === one.value ? 'bg-ink text-wall' : 'bg-sheet hover:bg-tray',
        ]}
        onclick={(event) => {
          choose(one.value)
          event.currentTarget.blur() // the pedal's Space is for the blue button
        }}
      >
        {#if kind.kind === 'GREASE'}<GreaseSwatch grease={one.value} />{/if}
        <span>{one.words}</span>
      </button>
    {/each}
  </div>
  {#if kind.kind === 'MISPLACED'}
    {#each mine as sign (`${sign.part} ${sign.value}`)}<p class="pt-1">{words(sign)}</p>{/each}
  {/if}
</fieldset>
