<script lang="ts">
  import { onMount, untrack } from 'svelte'
  import type { Schemas } from '$api/request'
  import { keys } from '$features/keys'
  import { KeyCap } from '$ui/key-cap'
  import { Mark } from '$ui/mark'
  import { instruments, Live, type ReadingKind } from './instruments.svelte'
  import { display, stateMark, stateWords } from './shown'

  interface Props {
    /** What is to be read. */
    kind: ReadingKind
    ontake: (reading: Schemas['InstrumentReadingView']) => void
  }

  let { kind, ontake }: Props = $props()

  const paired = $derived(instruments.for(kind))
  let live = $state.raw<Live | null>(null)

  // a line to the outside world, open while its instrument is looked at
  $effect(() => {
    const id = paired?.id
    if (!id) return
    const line = untrack(() => new Live(id))
    live = line
    return () => {
      line.close()
      live = null
    }
  })

  const shown = $derived(live?.shown ?? null)

  // a button pressed on the instrument itself takes, too
  let lastTaken = $state<number | null>(null)
  $effect(() => {
    const count = shown?.takenCount
    const taken = shown?.taken
    if (count === undefined || !taken) return
    const before = untrack(() => lastTaken)
    lastTaken = count
    if (before === null || before === count) return
    untrack(() => {
      ontake(taken)
    })
  })

  async function take(): Promise<void> {
    const taken = await live?.take()
    if (taken) ontake(taken)
  }

  onMount(() => {
    void instruments.load()
    return keys.add([
      { keys: ['i', 'I'], does: 'Take what the instrument shows', run: () => void take() },
    ])
  })
</script>

{#if paired}
  <section
    aria-label={paired.kindWords}
    class="grid grid-cols-[1fr_auto] items-center gap-x-3 gap-y-1 border-2 border-ink bg-tray p-2.5"
  >
    <p class="min-w-0">
      <span class="block text-label font-semibold"
        >{paired.kindWords}{shown?.battery !== undefined && shown.battery < 20
          ? `, battery ${shown.battery} %`
          : ''}</span
      >
      <span class="block type-num text-[34px] leading-tight whitespace-nowrap"
        >{shown?.value === undefined ? '–' : display(shown.value, shown.resolution)}
        <span class="text-h">{shown?.symbol ?? ''}</span></span
      >
      <span class="flex items-center gap-2 text-label"
        ><Mark shape={stateMark(shown)} size={20} />{stateWords(shown)}</span
      >
    </p>
    <button
      type="button"
      class="min-h-16 rounded-plate bg-ink px-5 type-card text-wall disabled:bg-tray disabled:text-ink2 disabled:outline disabled:outline-ink2"
      disabled={!shown?.steady || live?.busy}
      onclick={() => void take()}><span class="mr-2">Take it</span><KeyCap key="I" /></button
    >
    {#if shown?.trouble}
      <p role="alert" class="col-span-2 font-semibold text-oxide">{shown.trouble}</p>
    {:else if live?.problem}
      <p role="alert" class="col-span-2 font-semibold text-oxide">
        {live.problem.errors[0] ? `It ${live.problem.errors[0].remedy}.` : live.problem.detail}
      </p>
    {/if}
  </section>
{/if}
