import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display, lastHub } from '$features/display'
import { records } from '$features/records'
import { lengthOf, typedIn, type Beginning, type Unit } from '$features/reckoner/shared'

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
  from = $state.raw<Beginning>('OWN')
  private readonly isTyped = $derived(this.seal.land !== '' || this.seal.bore !== '')

  /** With the hub in hand last where its seal is measured, or with an example. */
  async begin(): Promise<void> {
    const last = lastHub()
    if (this.isTyped) return
    const done = await this.seal.run(async () => {
      const known = last ? (await records.aids(last.id)).seal : undefined
      if (!last || !known || known.assumed || this.isTyped) return
      this.seal.land = this.typed(known.seal.size.shaft)
      this.seal.bore = this.typed(known.seal.size.bore)
      if (known.seal.size.width) this.seal.width = this.typed(known.seal.size.width)
      this.seal.kind = known.seal.kind
      this.seal.rimmed = known.seal.rimmed
      this.from = last
    })
    if (!done || !this.isTyped) this.example()
    else this.askAll()
  }

  /** A size of ISO 6194-1, from memory. */
  example(): void {
    this.seal.land = typedIn(this.unit, '45', '1.772')
    this.seal.bore = typedIn(this.unit, '65', '2.559')
    this.seal.width = typedIn(this.unit, '8', '0.315')
    this.from = 'EXAMPLE'
    this.askAll()
  }

  clear(): void {
    this.seal.land = this.seal.bore = this.seal.width = ''
    this.from = 'OWN'
  }

  private typed(size: Schemas['LengthView']): string {
    return typedIn(this.unit, size.millimetres.toFixed(2), (size.thousandths / 1000).toFixed(3))
  }

  askAll(): void {
    for (const one of [this.seal, this.cap, this.land]) void one.ask(this.unit)
  }
}
