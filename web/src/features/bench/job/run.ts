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
  run: Run,
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

/** What numbers the steps take, each kind once. */
export function kindsOf(steps: readonly Step[]): Step['readings'] {
  const kinds = steps.flatMap((step) => step.readings)
  return kinds.filter((one, i) => kinds.findIndex((other) => other.kind === one.kind) === i)
}
