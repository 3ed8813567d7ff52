import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

type Trip = Schemas['TripView']

/** A leg as it is typed. */
export class LegDraft {
  readonly key = crypto.randomUUID()
  to = $state('')
  on = $state('')
  km = $state('')
  crossings = $state('')
  dunkings = $state('')
  noHelp = $state(false)
}

/** A trip that is being planned, or changed. */
export class TripDraft {
  readonly attempt = new Attempt()
  id = crypto.randomUUID() as string
  version = 0
  name = $state('')
  state = $state<Trip['state']>('PLANNED')
  from = $state('')
  to = $state('')
  km = $state('')
  track = $state('')
  note = $state('')
  legs = $state<LegDraft[]>([])
  /** What was bridged or left out of a recorded track. */
  warnings = $state.raw<string[]>([])

  constructor(today: string, kept?: Trip) {
    this.from = kept?.from ?? today
    this.to = kept?.to ?? today
    if (!kept) return
    this.id = kept.id
    this.version = kept.version
    this.name = kept.name
    this.state = kept.state
    this.km = kept.legs.length > 0 && kept.track === '' ? '' : String(Math.round(kept.km))
    this.track = kept.track
    this.note = kept.note
    this.legs = kept.legs.map((leg) => {
      const draft = this.newLeg()
      draft.to = leg.to
      draft.on = leg.on
      draft.km = String(leg.km)
      draft.crossings = leg.crossings === 0 ? '' : String(leg.crossings)
      draft.dunkings = leg.dunkings === 0 ? '' : String(leg.dunkings)
      draft.noHelp = leg.noHelp
      return draft
    })
  }

  addLeg(): void {
    this.legs = [...this.legs, this.newLeg()]
  }

  removeLeg(key: string): void {
    this.legs = this.legs.filter((leg) => leg.key !== key)
  }

  async measure(file: File): Promise<void> {
    await this.attempt.run(async () => {
      const track = await api.measureTrack(file)
      this.km = track.kilometres.toFixed(1)
      this.track = track.words
      this.warnings = track.warnings
      if (track.from) this.from = track.from
      if (track.to) this.to = track.to
      if (track.to) this.state = 'DRIVEN'
      if (this.name === '') this.name = file.name.replace(/\.gpx$/i, '')
    })
  }

  async save(rigId: string): Promise<boolean> {
    return this.attempt.run(() => api.putTrip(rigId, this.id, this.toForm()))
  }

  toForm(): Schemas['TripForm'] {
    const km = number(this.km)
    return {
      version: this.version,
      name: this.name,
      state: this.state,
      from: this.from,
      to: this.to,
      track: this.track,
      note: this.note,
      ...(km === null ? {} : { km }),
      legs: this.legs.map((leg) => ({
        to: leg.to,
        on: leg.on || this.from,
        km: number(leg.km) ?? 0,
        crossings: number(leg.crossings) ?? 0,
        dunkings: number(leg.dunkings) ?? 0,
        noHelp: leg.noHelp,
      })),
    }
  }

  private newLeg(): LegDraft {
    const leg = new LegDraft()
    leg.on = this.legs.at(-1)?.on ?? this.from
    return leg
  }
}
