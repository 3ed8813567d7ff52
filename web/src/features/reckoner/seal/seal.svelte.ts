import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { lengthOf, type Unit } from '$features/reckoner/shared'

type Form = Schemas['SealForm']

/** Where a seal goes, and which one. */
export class Seal extends Attempt {
  land = $state('')
  bore = $state('')
  width = $state('')
  kind = $state<Form['kind']>('LIP')
  rimmed = $state(false)
  coated = $state(false)
  found = $state.raw<Schemas['SealAnswerView'] | null>(null)

  async ask(unit: Unit): Promise<void> {
    const land = lengthOf(this.land, unit)
    const bore = lengthOf(this.bore, unit)
    const width = lengthOf(this.width, unit)
    if (!land || !bore) {
      this.found = null
      this.problem = null
      return
    }
    const done = await this.run(async () => {
      this.found = await api.seal({
        land,
        bore,
        ...(width ? { width } : {}),
        instrument: 'CALLIPER',
        kind: this.kind,
        rimmed: this.rimmed,
        coated: this.coated,
      })
    })
    if (!done) this.found = null
  }
}

/** Which cap goes into a bore. */
export class Cap extends Attempt {
  bore = $state('')
  cap = $state('')
  found = $state.raw<Schemas['CapView'] | null>(null)

  async ask(unit: Unit): Promise<void> {
    const bore = lengthOf(this.bore, unit)
    const cap = lengthOf(this.cap, unit)
    if (!bore) {
      this.found = null
      this.problem = null
      return
    }
    const done = await this.run(async () => {
      this.found = await api.cap({ bore, ...(cap ? { cap } : {}), instrument: 'CALLIPER' })
    })
    if (!done) this.found = null
  }
}

/** A groove in the seal's land. */
export class SealLand extends Attempt {
  depth = $state('')
  room = $state('')
  found = $state.raw<Schemas['SealLandView'] | null>(null)

  async ask(unit: Unit): Promise<void> {
    const depth = lengthOf(this.depth, unit)
    if (!depth) {
      this.found = null
      this.problem = null
      return
    }
    const done = await this.run(async () => {
      this.found = await api.sealLand({
        depth,
        room: lengthOf(this.room, unit) ?? { number: 0, unit },
      })
    })
    if (!done) this.found = null
  }
}

/** All three, in one unit. */
export class Seals {
  unit = $state<Unit>(display.leading === 'metric' ? 'MILLIMETRE' : 'INCH')
  readonly seal = new Seal()
  readonly cap = new Cap()
  readonly land = new SealLand()

  askAll(): void {
    for (const one of [this.seal, this.cap, this.land]) void one.ask(this.unit)
  }
}
