import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

/** Rock at the tyre, and the end play that makes it on this hub. */
export class Rock extends Attempt {
  rock = $state('')
  /** What rule or indicator is read to. */
  readTo = $state('')
  found = $state.raw<Schemas['RockView'] | null>(null)

  constructor(private readonly wheelEndId: string) {
    super()
  }

  /** The radius and the unit are the chart's. */
  async ask(radius: string, metric: boolean): Promise<void> {
    const rock = number(this.rock)
    const readTo = number(this.readTo) ?? (metric ? 0.5 : 20)
    const at = number(radius)
    if (rock === null || at === null) {
      this.found = null
      return
    }
    const fine = metric ? 'MILLIMETRE' : 'THOUSANDTH_INCH'
    const done = await this.run(async () => {
      this.found = await api.rock(this.wheelEndId, {
        rock: { number: rock, unit: fine },
        readTo: { number: readTo, unit: fine },
        radius: { number: at, unit: metric ? 'MILLIMETRE' : 'INCH' },
      })
    })
    if (!done) this.found = null
  }
}
