import { api, ProblemError, type Problem, type Schemas } from '$api/client'

/** The yard as last fetched. */
export class Yard {
  view = $state.raw<Schemas['YardView'] | null>(null)
  problem = $state.raw<Problem | null>(null)

  readonly worst = $derived(this.view?.next[0]?.wheelEnds[0] ?? null)

  async load(): Promise<void> {
    try {
      this.view = await api.yard()
      this.problem = null
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
    }
  }

  wheelsOf(rigId: string): number {
    const rig = this.view?.rigs.find((r) => r.id === rigId)
    return rig?.axles.reduce((sum, axle) => sum + axle.wheelEnds.length, 0) ?? 0
  }
}
