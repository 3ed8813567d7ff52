import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display, lastHub } from '$features/display'
import { records } from '$features/records'
import { lengthOf, typedIn, type Beginning, type Unit } from '$features/reckoner/shared'

export const CLOCK = ['12', '3', '6', '9'] as const

/** A cup that stands high at three o'clock. */
const EXAMPLE_GAPS = { mm: ['0.05', '0.15', '0.05', '0'], inch: ['0.002', '0.006', '0.002', '0'] }

/** What a cup is driven with. */
export class Driver extends Attempt {
  set = $state('')
  oldCup = $state('')
  bore = $state('')
  sockets = $state('')
  found = $state.raw<Schemas['CupDriverView'] | null>(null)
  /** Sockets as typed, in the order they were asked about. */
  asked = $state.raw<readonly string[]>([])

  async ask(unit: Unit): Promise<void> {
    if (this.set.trim() === '') {
      this.found = null
      this.problem = null
      return
    }
    const typed = this.sockets.split(/[\s;]+/).filter((text) => lengthOf(text, unit) !== null)
    const oldCup = lengthOf(this.oldCup, unit)
    const bore = lengthOf(this.bore, unit)
    const done = await this.run(async () => {
      this.found = await api.cupDriver({
        set: this.set,
        sockets: typed.flatMap((text) => lengthOf(text, unit) ?? []),
        ...(oldCup && bore ? { oldCup, bore } : {}),
      })
    })
    this.asked = typed
    if (!done) this.found = null
  }
}

/** Whether a cup is home. */
export class Seated extends Attempt {
  gaps = $state<string[]>(['', '', '', ''])
  found = $state.raw<Schemas['SeatedView'] | null>(null)

  async ask(unit: Unit): Promise<void> {
    const gaps = this.gaps.map((gap) => lengthOf(gap, unit)).filter((gap) => gap !== null)
    if (gaps.length < CLOCK.length) {
      this.found = null
      this.problem = null
      return
    }
    const done = await this.run(async () => {
      this.found = await api.seated({ gaps })
    })
    if (!done) this.found = null
  }
}

/** A cone on its seat. */
export class Cone extends Attempt {
  set = $state('')
  seat = $state('')
  found = $state.raw<Schemas['ConeFitView'] | null>(null)

  async ask(unit: Unit): Promise<void> {
    const seat = lengthOf(this.seat, unit)
    if (this.set.trim() === '' || !seat) {
      this.found = null
      this.problem = null
      return
    }
    const done = await this.run(async () => {
      this.found = await api.coneFit({ set: this.set, seat, instrument: 'MICROMETER' })
    })
    if (!done) this.found = null
  }
}

/** All three, in one unit. */
export class Race {
  unit = $state<Unit>(display.leading === 'metric' ? 'MILLIMETRE' : 'INCH')
  readonly driver = new Driver()
  readonly seated = new Seated()
  readonly cone = new Cone()
  from = $state.raw<Beginning>('OWN')
  private readonly isTyped = $derived(
    [this.driver.set, this.cone.set, ...this.seated.gaps].some((text) => text !== ''),
  )

  /** With the set of the hub in hand last, or with an example. */
  async begin(): Promise<void> {
    const last = lastHub()
    const done = await this.driver.run(async () => {
      if (!last || this.isTyped) return
      const aids = await records.aids(last.id)
      if (!aids.bearingsKnown || this.isTyped) return
      this.driver.set = this.cone.set = aids.inboard.set
      this.from = last
    })
    if (!done || !this.isTyped) this.example()
    else this.askAll()
  }

  /** Invented, about a usual set. */
  example(): void {
    this.driver.set = this.cone.set = 'L68149/L68110'
    this.driver.sockets = typedIn(this.unit, '50 57', '1.97 2.25')
    this.driver.oldCup = typedIn(this.unit, '59.13', '2.328')
    this.driver.bore = typedIn(this.unit, '59.08', '2.326')
    this.seated.gaps = [...(this.unit === 'MILLIMETRE' ? EXAMPLE_GAPS.mm : EXAMPLE_GAPS.inch)]
    this.cone.seat = typedIn(this.unit, '34.95', '1.376')
    this.from = 'EXAMPLE'
    this.askAll()
  }

  clear(): void {
    this.driver.set = this.driver.sockets = this.driver.oldCup = this.driver.bore = ''
    this.seated.gaps = CLOCK.map(() => '')
    this.cone.set = this.cone.seat = ''
    this.from = 'OWN'
  }

  askAll(): void {
    for (const one of [this.driver, this.seated, this.cone]) void one.ask(this.unit)
  }
}
