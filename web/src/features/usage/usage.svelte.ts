import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

type Meter = Schemas['MeterForm']

/** How one rig is used, and what is being written down about it. */
export class Usage {
  view = $state.raw<Schemas['UsageView'] | null>(null)
  readonly attempt = new Attempt()

  constructor(
    readonly rigId: string,
    readonly changed: () => void,
  ) {}

  async load(): Promise<void> {
    await this.attempt.run(async () => {
      this.view = await api.usage(this.rigId)
    })
  }

  async read(id: string, form: Meter): Promise<boolean> {
    return this.save(() => api.putMeter(this.rigId, id, form))
  }

  async takeBack(entry: Schemas['MeterView']): Promise<boolean> {
    return this.save(() => api.removeMeter(this.rigId, entry.id, entry.version))
  }

  async wet(form: Schemas['WaterForm']): Promise<boolean> {
    const done = await this.attempt.once('water', async (id) => {
      this.view = await api.putWater(this.rigId, id, form)
    })
    if (done) this.changed()
    return done
  }

  async dry(id: string): Promise<boolean> {
    return this.save(() => api.removeWater(this.rigId, id))
  }

  private async save(act: () => Promise<Schemas['UsageView']>): Promise<boolean> {
    const done = await this.attempt.run(async () => {
      this.view = await act()
    })
    if (done) this.changed()
    return done
  }
}

/** A reading of the meter as it is typed. */
export class MeterDraft {
  id = crypto.randomUUID() as string
  version = $state(0)
  on = $state('')
  shows = $state('')
  kind = $state<Meter['kind']>('READ')
  before = $state('')

  /** A new one of today, or one on record to be corrected. */
  begin(today: string, kept?: Schemas['MeterView']): void {
    this.id = kept?.id ?? crypto.randomUUID()
    this.version = kept?.version ?? 0
    this.on = kept?.on ?? today
    this.shows = kept ? String(kept.shows) : ''
    this.kind = kept?.kind ?? 'READ'
    this.before = kept?.before === undefined ? '' : String(kept.before)
  }

  toForm(): Meter | null {
    const shows = number(this.shows)
    const before = number(this.before)
    if (shows === null) return null
    return {
      version: this.version,
      on: this.on,
      shows,
      kind: this.kind,
      ...(this.kind === 'READ' || before === null ? {} : { before }),
    }
  }
}
