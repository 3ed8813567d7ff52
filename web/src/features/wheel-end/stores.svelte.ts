import { records } from '$features/records'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'

/** What went into a wheel end: its grease, and what came from the shelf. */
export class Stores extends Attempt {
  greasings = $state.raw<Schemas['GreaseFillView'][]>([])
  fromTheShelf = $state.raw<Schemas['TraceView'][]>([])
  thickeners = $state.raw<Schemas['ThickenerView'][]>([])

  constructor(private readonly wheelEndId: string) {
    super()
  }

  load(): Promise<boolean> {
    return this.run(async () => {
      ;[this.greasings, this.fromTheShelf] = await Promise.all([
        records.greasings(this.wheelEndId),
        api.fromTheShelf(this.wheelEndId),
      ])
    })
  }

  /** Looked up when somebody wants to choose one. */
  loadThickeners(): Promise<boolean> {
    return this.run(async () => {
      this.thickeners = (await records.greaseReference()).thickeners
    })
  }

  writeGrease(form: Omit<Schemas['GreaseFillForm'], 'id'>): Promise<boolean> {
    return this.once('grease', async (id) => {
      this.greasings = await api.writeGrease(this.wheelEndId, { ...form, id })
    })
  }
}
