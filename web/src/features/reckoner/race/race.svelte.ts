import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { lengthOf, type Unit } from '$features/reckoner/shared'

export const CLOCK = ['12', '3', '6', '9'] as const

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

  askAll(): void {
    for (const one of [this.driver, this.seated, this.cone]) void one.ask(this.unit)
  }
}
