import { Questions } from '$api/questions'
import { jobApi } from '$features/bench/job'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'

type Guide = Schemas['GuideView']
export type At = Guide['steps'][number]['at']

/** Steps of a job at which the nut is set. */
const AT: readonly string[] = [
  'SEAT',
  'RELEASE',
  'FINE',
  'STOP',
  'PLAY',
  'PLAY_LOCKED',
  'FULL_TORQUE',
] satisfies NonNullable<Schemas['BenchStepView']['aid']>[]

export const isSequence = (aid: string): aid is At => AT.includes(aid)

/** The sequence by which the nut of a job is set, and how far it is done at this step. */
export class Sequence extends Attempt {
  guide = $state.raw<Guide | null>(null)
  /** Steps of the sequence ticked here, by their place. */
  done = $state<number[]>([])
  hubTurns = $state(0)
  torque = $state.raw<Schemas['TorqueSensedView'] | null>(null)
  drag = $state.raw<Schemas['DragSensedView'] | null>(null)
  private readonly questions = new Questions()

  constructor(private readonly jobId: string) {
    super()
  }

  load(): Promise<boolean> {
    return this.run(async () => {
      this.guide ??= await api.sequence(this.jobId)
    })
  }

  choose(procedure: string): Promise<boolean> {
    return this.once(procedure, async (id) => {
      this.guide = await api.chooseProcedure(this.jobId, { id, procedure })
      this.done = []
    })
  }

  at(step: At): Guide['steps'][number] | null {
    return this.guide?.steps.find((one) => one.at === step) ?? null
  }

  tick(index: number): void {
    this.done = this.done.includes(index)
      ? this.done.filter((other) => other !== index)
      : [...this.done, index]
  }

  /** Has the server look at a torque that is typed; a half-typed one says nothing yet. */
  async sense(typed: readonly Schemas['TakenForm'][] | null): Promise<void> {
    const isLast = this.questions.ask()
    const pull = typed?.find((one) => one.kind === 'ROLLING_DRAG')
    await this.run(async () => {
      const sensed = pull ? await api.senseDrag(this.jobId, pull) : null
      if (isLast()) this.drag = sensed
    })
    const torque = typed?.find(
      (one) => one.kind === 'SEATING_TORQUE' || one.kind === 'FINAL_TORQUE',
    )
    if (!torque) {
      this.torque = null
      return
    }
    await this.run(async () => {
      const sensed = await jobApi.senseTorque(this.jobId, torque)
      if (isLast()) this.torque = sensed
    })
  }
}
