import { api, ProblemError, type Problem, type Schemas } from '$api/client'

/** A wheel end and its settings as last fetched. */
export class WheelEnd {
  view = $state.raw<Schemas['WheelEndView'] | null>(null)
  settings = $state.raw<Schemas['NutSettingView'][]>([])
  /** The other wheel ends of the same rig. */
  siblings = $state.raw<Schemas['StandingView'][]>([])
  problem = $state.raw<Problem | null>(null)

  readonly last = $derived(this.settings[0] ?? null)

  constructor(readonly id: string) {}

  async load(): Promise<void> {
    try {
      const [view, settings, yard] = await Promise.all([
        api.wheelEnd(this.id),
        api.settings(this.id),
        api.yard(),
      ])
      this.view = view
      this.settings = settings
      const rig = yard.rigs.find((r) => r.id === view.rigId)
      this.siblings = rig?.axles.flatMap((axle) => axle.wheelEnds) ?? []
      this.problem = null
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
    }
  }
}
