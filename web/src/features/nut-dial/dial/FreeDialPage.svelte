<script lang="ts">
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import { ProblemError, type Problem, type Schemas } from '$api/request'
  import { Choice } from '$ui/choice'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import { type Hand, lockPresets, NutDial } from '$features/nut-dial/state'
  import NutDialView from './NutDialView.svelte'

  let reference = $state.raw<Schemas['NutReferenceView'] | null>(null)
  let problem = $state.raw<Problem | null>(null)
  let dial = $state.raw<NutDial | null>(null)
  let presetId = $state('castle-two')

  const hands = [
    { value: 'RIGHT', label: 'right-hand' },
    { value: 'LEFT', label: 'left-hand' },
  ] as const satisfies { value: Hand; label: string }[]
  const threads = $derived(
    reference?.threads.map((t) => ({
      value: t.designation,
      label: t.designation,
      note: t.usedOn,
    })) ?? [],
  )
  const presets = lockPresets.map((p) => ({ value: p.id, label: p.label, note: p.note }))

  async function load(): Promise<void> {
    try {
      const ref = await records.reference()
      const usual = ref.threads.find((t) => t.designation === '1-14 UNS') ?? ref.threads[0]
      const preset = lockPresets.find((p) => p.id === presetId)
      if (!usual || !preset) return
      reference = ref
      dial = new NutDial({
        thread: usual.thread,
        lock: preset.lock,
        figures: [],
        procedure: 'SEAT_AND_FINGER_TIGHT',
      })
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      problem = error.problem
    }
  }

  function thread(designation: string): void {
    const chosen = reference?.threads.find((t) => t.designation === designation)
    if (dial && chosen)
      dial.setUp({ ...dial.hub, thread: { ...chosen.thread, hand: dial.hub.thread.hand } })
  }

  function hand(next: Hand): void {
    if (dial) dial.setUp({ ...dial.hub, thread: { ...dial.hub.thread, hand: next } })
  }

  function lock(id: string): void {
    const preset = lockPresets.find((p) => p.id === id)
    if (!dial || !preset) return
    presetId = id
    dial.setUp({ ...dial.hub, lock: preset.lock })
  }

  onMount(() => void load())
</script>

<svelte:head><title>Nut dial · Old Tallow</title></svelte:head>

{#if problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={problem.title}><p>{problem.detail}</p></ProblemCard>
  </div>
{:else if dial && reference}
  {@const current = dial}
  <NutDialView {dial} {reference}>
    {#snippet plate()}
      <div class="grid w-full grid-cols-2 items-end gap-2 tab:grid-cols-[1fr_1.6fr_auto]">
        <Pick
          label="Thread"
          options={threads}
          value={current.hub.thread.designation ?? ''}
          onchange={thread}
        />
        <Pick label="Lock" options={presets} value={presetId} onchange={lock} />
        <Choice
          label="Hand of the thread"
          options={hands}
          value={current.hub.thread.hand}
          onchange={hand}
        />
      </div>
    {/snippet}
  </NutDialView>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the threads …</p>
{/if}
