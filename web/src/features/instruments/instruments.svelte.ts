import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'

export type Paired = Schemas['PairedView']
export type ReadingKind = Paired['takes'][number]

/** Instruments paired with the workshop's bench. */
class Instruments extends Attempt {
  all = $state.raw<readonly Paired[]>([])
  nearby = $state.raw<readonly Schemas['NearbyView'][] | null>(null)
  private loaded = false

  /** Fetched once; the list changes only where it is changed here. */
  async load(): Promise<void> {
    if (this.loaded) return
    this.loaded = true
    const done = await this.run(async () => {
      this.all = await api.instruments()
    })
    if (!done) this.loaded = false
  }

  look(): Promise<boolean> {
    return this.run(async () => {
      this.nearby = await api.nearbyInstruments()
    })
  }

  pair(port: number): Promise<boolean> {
    return this.once(`port ${port}`, async (id) => {
      this.all = await api.pairInstrument({ id, port })
      this.nearby = this.nearby?.filter((one) => one.port !== port) ?? null
    })
  }

  forget(id: string): Promise<boolean> {
    return this.run(async () => {
      await api.forgetInstrument(id)
      this.all = this.all.filter((one) => one.id !== id)
    })
  }

  /** The one that takes a kind of reading; the first paired of several. */
  for(kind: ReadingKind): Paired | null {
    return this.all.find((one) => one.takes.includes(kind)) ?? null
  }
}

export const instruments = new Instruments()

/** What one instrument shows while somebody looks. */
export class Live extends Attempt {
  shown = $state.raw<Paired | null>(null)
  private readonly line: EventSource

  constructor(readonly id: string) {
    super()
    this.line = new EventSource(`/api/v1/instruments/${id}/live`)
    this.line.addEventListener('shown', (event: MessageEvent<string>) => {
      this.shown = JSON.parse(event.data) as Paired
    })
  }

  close(): void {
    this.line.close()
  }

  /** The reading it stands still at; null where it could not be taken, which {@link Attempt.problem} tells. */
  async take(): Promise<Schemas['InstrumentReadingView'] | null> {
    let taken: Schemas['InstrumentReadingView'] | null = null
    await this.run(async () => {
      taken = await api.takeReading(this.id)
    })
    return taken
  }
}
