<script lang="ts">
  import { KeyCap } from '$ui/key-cap'
  import type { Schemas } from '$api/request'
  import { atHubs, mustHold, type Bench, type Move } from '$features/bench/job'

  interface Props {
    bench: Bench
    mayRelease: boolean
    onpress: () => void
  }

  let { bench, mayRelease, onpress }: Props = $props()

  const where = $derived(
    bench.job ? atHubs(bench.job.round, bench.job.hub.position, bench.together) : '',
  )

  /** Nothing counts that it does not say. */
  function runSays(run: Schemas['RunView']): string {
    const done = run.steps.length > 1 ? `All ${run.steps.length} done` : 'Done'
    const looked = run.steps.filter((step) => step.asks.length > 0).map((step) => step.what)
    const all = [done, where].filter(Boolean).join(' ')
    if (run.stop === 'LOOK' && bench.signs.length === 0) {
      const nothing = `${looked.join('; ')}: nothing to note`
      return looked.length < run.steps.length
        ? `${all}. ${nothing}`
        : [nothing, where].filter(Boolean).join(', ')
    }
    // what must hold at another hub is said, too: the same press says that it does
    const open = mustHold([...run.steps, ...bench.together.flatMap((one) => one.steps)])
    const says = open.length > 0 ? `${all}, and ${open.join('; ')}` : all
    return bench.closesIt ? `${says}. Close the job` : says
  }

  const ahead = $derived(bench.job?.walk.ahead[0] ? `. Next: ${bench.job.walk.ahead[0].what}` : '')

  const says = $derived.by((): string => {
    const move: Move = bench.move
    switch (move.does) {
      case 'caution':
        return `${move.caution.title}: understood`
      case 'judge':
        return 'Choose: good, look closer or scrap'
      case 'mechanic':
        return `Fetch a mechanic: ${move.step.what}. They sign in and say so`
      case 'dial':
        return `${bench.run && bench.run.steps.length > 1 ? `All ${bench.run.steps.length} done: to` : 'To'} the nut dial, and save the setting`
      case 'finish': {
        const done = ['Done', where].filter(Boolean).join(' ')
        const open = mustHold([move.step])
        return open.length > 0 ? `${done}, and ${open.join('; ')}` : done + ahead
      }
      case 'others':
        return `First ${move.hub.position}: ${move.hub.now ?? 'it waits for a part'}`
      case 'run':
        return runSays(move.run)
      case 'goOn':
        return 'It is here: go on'
      case 'close':
        return bench.job?.closing.toAnswerFor.length && mayRelease
          ? 'Close it and answer for it'
          : 'Close the job'
      case 'signOff':
        return 'Sign it off'
      case 'leave':
        return 'To the wheel end'
      case 'nothing':
        return ''
    }
  })
</script>

<div class="flex gap-2">
  <button
    type="button"
    class="flex min-h-16 flex-none flex-col items-center justify-center rounded-plate border border-ink bg-sheet px-4 font-semibold hover:bg-tray disabled:text-ink2"
    title={bench.job?.walk.lastPress ? `Takes back: ${bench.job.walk.lastPress.words}` : undefined}
    disabled={bench.job?.state !== 'OPEN' || !bench.job.walk.lastPress || bench.attempt.busy}
    onclick={(event) => {
      event.currentTarget.blur() // the pedal's Space is for the blue button
      void bench.back()
    }}
  >
    Back <KeyCap key="PgUp" />
  </button>
  <button
    type="button"
    class="flex min-h-16 flex-1 items-center justify-between gap-3 rounded-plate bg-grease-fill px-4 py-2 text-left type-card text-[22px] text-on-grease disabled:bg-tray disabled:text-ink2"
    disabled={['nothing', 'judge', 'mechanic'].includes(bench.move.does) ||
      bench.attempt.busy ||
      bench.overtaken ||
      bench.hasWaiting}
    onclick={onpress}
  >
    <span>{says || 'Nothing to press here'}</span>
    <KeyCap key="Space" />
  </button>
</div>
