import type { Schemas } from '$api/request'

export type Item = Schemas['JudgingForm']['item']

/** What the one big button does now. */
export type Move =
  | { does: 'caution'; caution: Schemas['CautionView'] }
  | { does: 'dial' }
  | { does: 'judge'; item: Item }
  /** Somebody learning has no word in it. */
  | { does: 'mechanic'; step: Schemas['BenchStepView'] }
  | { does: 'finish'; step: Schemas['BenchStepView'] }
  | { does: 'run'; run: Schemas['RunView'] }
  | { does: 'others'; hub: Schemas['RoundHubView'] }
  | { does: 'goOn' }
  | { does: 'close' }
  | { does: 'signOff' }
  | { does: 'leave' }
  | { does: 'nothing' }

/** What the move depends on. */
interface AtBench {
  job: Schemas['JobView'] | null
  leaving: boolean
  step: Schemas['BenchStepView'] | null
  /** What the hands do now in one go; null where it goes step by step. */
  run: Schemas['RunView'] | null
  item: Item | null
  judging: Schemas['JudgingView'] | null
  cautionMet: (id: string) => boolean
}

/** The one thing to do now. */
export function moveNow(bench: AtBench, mayRelease: boolean): Move {
  const { job, step } = bench
  if (!job || bench.leaving) return { does: 'nothing' }
  if (job.waits) return { does: 'goOn' }
  const behind = hubToGoTo(job)
  if (behind) return { does: 'others', hub: behind }
  if (!step) return endMove(job, mayRelease)
  if (bench.run) return runMove(bench, job, bench.run, mayRelease)
  const caution = step.cautions.find((one) => !bench.cautionMet(one.id))
  if (caution) return { does: 'caution', caution }
  if (step.byMechanic && !mayRelease) return { does: 'mechanic', step }
  if (bench.item && !bench.judging) return { does: 'judge', item: bench.item }
  const sets = step.checks.some((one) => one.meaning === 'SETTING_RECORDED' && !one.waived)
  if (sets && !job.closing.settingRecorded) return { does: 'dial' }
  return { does: 'finish', step }
}

/** Another hub of the rig that has to be seen to before it goes on at this one. */
function hubToGoTo(job: Schemas['JobView']): Schemas['RoundHubView'] | undefined {
  const { round } = job
  const isFinished = job.state === 'OPEN' && job.walk.now === undefined
  const behind =
    round.behind.length > 0
      ? round.hubs.filter((hub) => round.behind.includes(hub.jobId))
      : isFinished
        ? round.hubs.filter(
            (hub) => hub.jobId !== job.id && hub.state === 'OPEN' && hub.stepsLeft > 0,
          )
        : []
  return behind.find((hub) => hub.jobId === round.next) ?? behind[0]
}

/** Cautions and what must hold stand on the card, and the press says them. */
function runMove(
  bench: AtBench,
  job: Schemas['JobView'],
  run: Schemas['RunView'],
  mayRelease: boolean,
): Move {
  const mechanics = run.steps.find((step) => step.byMechanic)
  if (mechanics && !mayRelease) return { does: 'mechanic', step: mechanics }
  if (bench.item && !bench.judging) return { does: 'judge', item: bench.item }
  if (run.stop === 'SETTING' && !job.closing.settingRecorded) return { does: 'dial' }
  return { does: 'run', run }
}

function endMove(job: Schemas['JobView'], mayRelease: boolean): Move {
  if (job.state === 'OPEN' && job.closing.hindrances.length === 0) return { does: 'close' }
  if (job.state === 'AWAITS_SIGN_OFF' && mayRelease) return { does: 'signOff' }
  return job.state === 'OPEN' ? { does: 'nothing' } : { does: 'leave' }
}
