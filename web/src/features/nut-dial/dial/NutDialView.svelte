<script lang="ts">
  import { onMount, type Snippet } from 'svelte'
  import type { Schemas } from '$api/request'
  import { degrees } from '$features/display'
  import { keys } from '$features/keys'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import AdvicePanel from './AdvicePanel.svelte'
  import BackOffTable from './BackOffTable.svelte'
  import Cautions from './Cautions.svelte'
  import Dial from './Dial.svelte'
  import Ladder from './Ladder.svelte'
  import type { NutDial } from '$features/nut-dial/state'
  import SequenceSteps from './SequenceSteps.svelte'
  import StandForm from './StandForm.svelte'
  import StopTable from './StopTable.svelte'

  interface Props {
    dial: NutDial
    reference: Schemas['NutReferenceView']
    /** Plate over the dial: which nut this is. */
    plate: Snippet
    /** What follows when the nut is locked. */
    locked?: Snippet
    /** Told when the nut is backed off or taken back. */
    onmove?: (backedOff: boolean) => void
    /** The pedal pressed once more when the nut is backed off. */
    ondone?: () => void
    /** On a job the play is read at a step of its own, so that backing off is all there is to put on record. */
    savesAtOnce?: boolean
  }

  let { dial, reference, plate, locked, onmove, ondone, savesAtOnce = false }: Props = $props()

  const procedure = $derived(reference.procedures.find((s) => s.id === dial.hub.procedure))
  const procedures = $derived(reference.procedures.map((s) => ({ value: s.id, label: s.label })))
  const action = $derived.by(() => {
    if (!dial.matched) return 'Match the nut first'
    if (dial.target === null) return 'No stop to take'
    const moved = `${dial.target < 0 ? 'Gone on' : 'Backed off'} ${degrees(Math.abs(dial.target))}`
    return savesAtOnce ? `${moved}: save the setting` : moved
  })
  const takeable = $derived(dial.target !== null && dial.chosen?.verdict !== 'PRELOAD')
  const unreachable = $derived(
    dial.calculator.problem && dial.calculator.problem.errors.length === 0
      ? dial.calculator.problem
      : null,
  )

  function go(backedOff: boolean): void {
    if (backedOff === dial.backedOff || (backedOff && (!takeable || !locked))) return
    dial.backedOff = backedOff
    onmove?.(backedOff)
  }

  function take(): void {
    go(true)
    if (savesAtOnce && dial.backedOff) ondone?.()
  }

  const turn = (way: 1 | -1): void => dial.turnBy(way * (dial.hub.thread.hand === 'RIGHT' ? 1 : -1))

  onMount(() =>
    keys.add([
      { keys: ['ArrowLeft'], does: 'Turn the nut left, 1°', run: () => turn(1) },
      { keys: ['ArrowRight'], does: 'Turn the nut right, 1°', run: () => turn(-1) },
      { keys: ['ArrowUp'], does: 'Look at the next tighter stop', run: () => dial.step(-1) },
      { keys: ['ArrowDown'], does: 'Look at the next looser stop', run: () => dial.step(1) },
      {
        keys: [' ', 'PageDown'],
        does: `Nut is backed off${savesAtOnce ? '' : '; once more'}: save it`,
        run: () => (dial.backedOff ? ondone?.() : take()),
      },
      {
        keys: ['l', 'L'],
        does: savesAtOnce ? 'Nut is backed off: read the play here' : '',
        run: () => go(true),
      },
      { keys: ['PageUp'], does: 'Back to the nut as it stood', run: () => go(false) },
      {
        keys: ['m', 'M'],
        does: 'Enter a reading',
        run: () =>
          document
            .querySelector<HTMLInputElement>(`[data-key="${dial.backedOff ? 'measured' : 'here'}"]`)
            ?.focus(),
      },
    ]),
  )
</script>

<div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
  <section
    aria-label="The nut"
    class="flex min-h-0 flex-col border-ink px-3 pt-3 desk:border-r desk:px-5"
  >
    <div class="flex items-start justify-between gap-3">{@render plate()}</div>
    <div class="relative mx-auto min-h-0 w-full max-w-[560px] flex-1 desk:max-w-none">
      <Dial {dial} />
      <p
        class="pointer-events-none text-min text-ink2 desk:absolute desk:bottom-1 desk:left-0 desk:w-52"
      >
        Seen from outside; the brass pointer is the nut as it stands.
        {dial.hub.thread.hand === 'RIGHT' ? 'Anticlockwise' : 'Clockwise'} loosens.
      </p>
    </div>
    {#if locked}
      <div
        class="no-print fixed inset-x-0 bottom-0 z-10 flex gap-2.5 border-t border-ink bg-wall p-3 desk:static desk:border-0 desk:px-0"
      >
        {#if dial.backedOff}
          <Button onclick={() => go(false)}>Back <KeyCap key="PgUp" /></Button>
          <p class="flex flex-1 items-center type-card text-verdigris" role="status">
            Backed off {degrees(dial.target ?? 0)}: lock it, then read the play.
          </p>
        {:else}
          {#if savesAtOnce}
            <Button disabled={!takeable} onclick={() => go(true)}>
              Read the play here <KeyCap key="L" />
            </Button>
          {/if}
          <Button tone="main" class="flex-1" disabled={!takeable} onclick={take}>
            {action}
            <KeyCap key="Space" />
          </Button>
        {/if}
      </div>
    {/if}
  </section>
  <section
    aria-label="Where it may stop"
    class="flex min-h-0 flex-col gap-5 px-3 pt-4 pb-28 desk:overflow-y-auto desk:px-5 desk:pb-4"
  >
    {#if procedure && !procedure.setsTheNut && locked}
      <div>
        <h1 class="type-say">
          {procedure.samePartsOnly ? 'Back to where it stood.' : 'Nothing to set here.'}
        </h1>
        <p class="mt-1.5 max-w-[62ch] text-read">
          {procedure.samePartsOnly
            ? 'The very same parts go back to the old lock position, by your mark. One part changed: choose another procedure below.'
            : 'The spacer sets the play; the nut only gets its torque, going up to the hole. Drag or rock at full torque is a wrong pair or a wrong spacer.'}
        </p>
      </div>
    {/if}
    {#if unreachable}
      <ProblemCard title={unreachable.title}>
        <p>{unreachable.detail}</p>
        <Button class="mt-2" onclick={() => dial.ask()}>Try again</Button>
      </ProblemCard>
    {/if}
    {#if dial.backedOff && locked}{@render locked()}{/if}
    <AdvicePanel {dial} />
    {#if dial.calculator.answer}
      <Ladder window={dial.calculator.answer.window} figures={dial.hub.figures} />
    {/if}
    <StandForm {dial} />
    {#if dial.stepped && dial.matched}<StopTable {dial} />{/if}
    <Cautions heavy={dial.hub.lock.kind === 'TWO_NUTS'} />
    {#if dial.hub.lock.kind === 'TWO_NUTS'}<BackOffTable rows={reference.backOffs} />{/if}
    {#if procedure}
      <div>
        <Choice
          label="Procedure"
          options={procedures}
          value={dial.hub.procedure}
          onchange={(id) => dial.setUp({ ...dial.hub, procedure: id })}
          class="mb-3 flex-wrap"
        />
        <SequenceSteps {procedure} sequence={dial.hub.sequence} />
      </div>
    {/if}
  </section>
</div>
