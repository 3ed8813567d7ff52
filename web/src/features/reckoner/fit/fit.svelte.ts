import { Questions } from '$api/questions'
import { api } from './api'
import { records } from '$features/records'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { number } from '$ui/number-field'
import { lengthOf, temperatureOf, type Degree, type Unit } from '$features/reckoner/shared'

type Form = Schemas['CupFitForm']

/** A cup and its bore, and what comes of them. */
export class Fit extends Attempt {
  reference = $state.raw<Schemas['FitReferenceView'] | null>(null)
  found = $state.raw<Schemas['CupFitView'] | null>(null)
  unit = $state<Unit>(display.leading === 'metric' ? 'MILLIMETRE' : 'INCH')
  degree = $state<Degree>(display.leading === 'metric' ? 'CELSIUS' : 'FAHRENHEIT')
  hub = $state<Form['hub']>('GREY_IRON')
  hubState = $state<Form['hubState']>('BARE')
  instrument = $state<'CALLIPER' | 'MICROMETER'>('MICROMETER')
  set = $state('')
  cup = $state('')
  bore = $state('')
  boreClass = $state<'' | 'N7' | 'P7' | 'R7'>('')
  hubOutside = $state('')
  weight = $state('')
  hubNow = $state('')
  cupNow = $state('')
  private readonly questions = new Questions()

  /** Whether enough is there to ask. */
  readonly ready = $derived(
    (this.set.trim() !== '' || lengthOf(this.cup, this.unit) !== null) &&
      (this.boreClass !== '' || lengthOf(this.bore, this.unit) !== null) &&
      lengthOf(this.hubOutside, this.unit) !== null,
  )

  async load(): Promise<void> {
    await this.run(async () => {
      this.reference = await api.fitReference()
    })
  }

  /** Begins with what is on record of a wheel end. */
  async take(wheelEndId: string, outboard: boolean): Promise<void> {
    await this.run(async () => {
      const aids = await records.aids(wheelEndId)
      const race = outboard ? aids.outboard : aids.inboard
      this.set = race.set
      this.hubOutside = this.typed(race.hubOutside)
      if (race.bore) this.bore = this.typed(race.bore)
    })
    if (!this.problem) await this.ask()
  }

  /** A size as it would be typed in the unit chosen. */
  private typed(size: Schemas['LengthView']): string {
    return this.unit === 'MILLIMETRE'
      ? size.millimetres.toFixed(3)
      : (size.thousandths / 1000).toFixed(4)
  }

  errorOf(field: string): string {
    return this.fieldError(field) || this.fieldError(`${field}.number`)
  }

  async ask(): Promise<void> {
    const isLast = this.questions.ask()
    const hubOutside = lengthOf(this.hubOutside, this.unit)
    if (!this.ready || !hubOutside) {
      this.found = null
      this.problem = null
      return
    }
    const cup = lengthOf(this.cup, this.unit)
    const bore = lengthOf(this.bore, this.unit)
    const load = number(this.weight)
    const hubTemperature = temperatureOf(this.hubNow, this.degree)
    const cupTemperature = temperatureOf(this.cupNow, this.degree)
    const form: Form = {
      hub: this.hub,
      hubState: this.hubState,
      instrument: this.instrument,
      hubOutside,
      ...(load === null
        ? {}
        : { load: { number: load, unit: this.unit === 'INCH' ? 'POUND' : 'KILOGRAM' } }),
      ...(this.set.trim() === '' ? {} : { set: this.set }),
      ...(cup ? { cup } : {}),
      ...(bore ? { bore } : {}),
      ...(this.boreClass === '' || bore ? {} : { boreClass: this.boreClass }),
      ...(hubTemperature && cupTemperature ? { hubTemperature, cupTemperature } : {}),
    }
    await this.run(async () => {
      const found = await api.cupFit(form)
      if (isLast()) this.found = found
    })
    if (this.problem && isLast()) this.found = null
  }
}
