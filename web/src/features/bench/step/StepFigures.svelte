<script lang="ts">
  import { jobApi } from '$features/bench/job'
  import { records } from '$features/records'
  import { untrack } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import {
    FigureDraft,
    FigureForm,
    FigurePlace,
    kindWords,
    valueWords,
    type FigureKind,
  } from '$features/figures'
  import { authorityWords } from '$features/nut-dial/state'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import type { Bench } from '$features/bench/job'
  import { TorqueDoubt } from '$features/bench/sequence'

  interface Props {
    bench: Bench
    wheelEnd: string
    kinds: readonly FigureKind[]
    /** Whether what governs stands elsewhere on the step: only a doubt about the reading is shown. */
    doubtOnly?: boolean
  }

  let { bench, wheelEnd, kinds, doubtOnly = false }: Props = $props()

  const attempt = new Attempt()
  const draft = new FigureDraft()
  let keeping = $state<FigureKind | null>(null)
  let place = $state<'WHEEL_END' | 'AXLE' | 'RIG'>('RIG')
  let doubt = $state.raw<Schemas['TorqueSensedView'] | null>(null)
  let asked = 0
  const shown = $derived(
    kinds.map((kind) => ({ kind, rung: bench.rungs.find((one) => one.kind === kind) })),
  )

  // the keypad types elsewhere: the server judges a torque whenever it changed
  $effect(() => {
    const typed = bench.readings.forms()
    untrack(() => void sense(typed))
  })

  async function sense(typed: readonly Schemas['TakenForm'][] | null): Promise<void> {
    const mine = ++asked
    const torque = typed?.find((one) => one.kind.endsWith('_TORQUE'))
    await attempt.run(async () => {
      const sensed = torque ? await jobApi.senseTorque(bench.id, torque) : null
      if (mine === asked) doubt = sensed?.question ? sensed : null
    })
  }

  function keep(kind: FigureKind): void {
    draft.begin(kind)
    keeping = kind
  }

  async function save(): Promise<void> {
    const filed = bench.rungs
      .find((one) => one.kind === draft.kind)
      ?.filed.find((one) => one.scope === place && one.authority === draft.authority)
    const done = await attempt.run(async () => {
      bench.rungs = await records.fileForWheelEnd(
        wheelEnd,
        place,
        draft.toEntry(filed?.version ?? 0),
      )
    })
    if (done) keeping = null
  }
</script>

{#if !doubtOnly}
  {#each shown as { kind, rung } (kind)}
    {@const governing = rung?.figures[0]}
    <section aria-label={kindWords[kind]} class="mt-3 border-2 border-ink bg-tray p-3">
      <h2 class="text-label font-semibold">{kindWords[kind]}</h2>
      {#if governing}
        {@const value = valueWords(governing.value)}
        <p class="type-num text-[34px] leading-tight font-semibold">{value.main}</p>
        <p class="type-num text-ink2">{value.other}</p>
        <p class="text-label">
          <b>{authorityWords[governing.authority]}</b>
          {governing.source}
        </p>
      {:else if rung}
        <p class="text-read">None kept. It stands in the maker’s manual.</p>
      {/if}
      {#if keeping === kind}
        <div class="mt-2">
          <FigurePlace
            value={place}
            onchange={(next) => {
              place = next
            }}
          />
          <FigureForm
            {draft}
            {attempt}
            procedures={[]}
            kindFixed
            onsave={() => void save()}
            oncancel={() => {
              keeping = null
            }}
          />
        </div>
      {:else if rung && !session.mayManage}
        <p class="mt-2 text-label text-ink2">A mechanic keeps figures: show them what you found.</p>
      {:else if rung}
        <Button class="mt-2" onclick={() => keep(kind)}
          >{governing ? 'Another figure' : 'Keep the figure'}</Button
        >
      {/if}
    </section>
  {/each}
{/if}
{#if doubt?.question}
  <TorqueDoubt {bench} question={doubt.question} meantBy={doubt.meantBy} bolts />
{/if}
