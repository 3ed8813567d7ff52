import type { Schemas } from '$api/request'

type Run = Schemas['RunView']
type Step = Schemas['BenchStepView']

/** A step of a run as it is sent. */
export interface StepOfRun {
  stepId: string
  checksMet: string[]
  readings: Schemas['TakenForm'][]
}

/** All steps of a run as done; each number once, at the first step that takes its kind. */
export function stepsOf(
  run: Pick<Run, 'steps'>,
  readings: readonly Schemas['TakenForm'][],
  holds: (check: Schemas['CheckView']) => boolean,
): StepOfRun[] {
  const left = [...readings]
  return run.steps.map((step) => ({
    stepId: step.id,
    checksMet: step.checks.filter(holds).map((one) => one.id),
    readings: step.readings.flatMap((one) => {
      const at = left.findIndex((reading) => reading.kind === one.kind)
      return at < 0 ? [] : left.splice(at, 1)
    }),
  }))
}

/** What must hold of them, each sentence once; a check that a mechanic let go holds for nobody. */
export function mustHold(steps: readonly Step[]): string[] {
  return steps
    .flatMap((step) => step.checks)
    .filter((one) => one.must && !one.waived)
    .map((one) => one.says)
    .filter((says, i, all) => all.indexOf(says) === i)
}

/** What the same press does at other hubs: of a single step, where all hubs that have come to it take it together. */
export function alongside(
  run: Run | undefined,
  step: Step | null,
  byRuns: boolean,
): Schemas['AlongsideView'][] {
  const others = run?.alongside ?? []
  if (byRuns || !step) return others
  return step.together
    ? others
        .filter((one) => one.steps[0]?.id === step.id)
        .map((one) => ({ ...one, steps: one.steps.slice(0, 1) }))
    : []
}

/** Whether nothing is left at any hub of the job once this is done, and nobody has to be answered for: it is closed by it. */
export function closes(
  job: Schemas['JobView'],
  steps: number,
  others: readonly Schemas['AlongsideView'][],
): boolean {
  const left = new Map(others.map((one) => [one.jobId, one.steps.length]))
  left.set(job.id, steps)
  return (
    job.closing.toAnswerFor.length === 0 &&
    job.round.hubs
      .filter((hub) => hub.state === 'OPEN')
      .every((hub) => hub.stepsLeft === left.get(hub.jobId))
  )
}

/** At which hubs a press counts, in words: at all four hubs; front left and rear left. */
export function atHubs(
  round: Schemas['RoundView'],
  here: string,
  others: readonly Schemas['AlongsideView'][],
): string {
  if (others.length === 0) return ''
  const open = round.hubs.filter((hub) => hub.state === 'OPEN')
  if (others.length + 1 === open.length)
    return open.length === 2 ? 'at both hubs' : `at all ${open.length} hubs`
  return `at ${[here, ...others.map((one) => one.position)].join(', ')}`
}

/** What numbers the steps take, each kind once. */
export function kindsOf(steps: readonly Step[]): Step['readings'] {
  const kinds = steps.flatMap((step) => step.readings)
  return kinds.filter((one, i) => kinds.findIndex((other) => other.kind === one.kind) === i)
}
