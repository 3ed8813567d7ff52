import { Questions } from '$api/questions'
import { api } from './api'
import { records } from '$features/records'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'

/** What the bench works out beside the steps of a wheel end's job. */
export class Aids extends Attempt {
  view = $state.raw<Schemas['AidsView'] | null>(null)
  thickeners = $state.raw<Schemas['ThickenerView'][]>([])
  /** What the readings typed so far say of the cup. */
  said = $state.raw<Schemas['SensedView'] | null>(null)
  private readonly questions = new Questions()

  constructor(private readonly wheelEndId: string) {
    super()
  }

  /** Fetched when the first step wants it; the same for all that follow. */
  load(): Promise<boolean> {
    return this.run(async () => {
      this.view ??= await records.aids(this.wheelEndId)
    })
  }

  loadThickeners(): Promise<boolean> {
    return this.run(async () => {
      const { thickeners } = await records.greaseReference()
      this.thickeners = thickeners.filter((one) => one.id !== 'UNKNOWN')
    })
  }

  /** Judges what is typed; a half-typed step has no verdict yet. */
  async judge(typed: readonly Schemas['TakenForm'][] | null): Promise<void> {
    const isLast = this.questions.ask()
    await this.run(async () => {
      const said = typed?.length
        ? await api.sense(this.wheelEndId, { readings: [...typed] })
        : undefined
      if (isLast()) this.said = said ?? null
    })
  }
}
