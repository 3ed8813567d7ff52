import { Questions } from '$api/questions'
import { api } from './api'
import { records } from '$features/records'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display, lastHub, type LastHub } from '$features/display'
import { number } from '$ui/number-field'
import {
  lengthOf,
  temperatureOf,
  typedIn,
  type Beginning,
  type Degree,
  type Unit,
} from '$features/reckoner/shared'

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
  from = $state.raw<Beginning>('OWN')
  private readonly questions = new Questions()
  private readonly isTyped = $derived(
    [this.set, this.bore, this.hubOutside].some((text) => text !== ''),
  )

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

  /** Begins with the hub it is asked for, with the one in hand last, or with an example. */
  async begin(asked: string | null, outboard: boolean): Promise<void> {
    const last = asked === null ? lastHub() : null
    const id = asked ?? last?.id
    if (this.isTyped) return
    const taken = id !== undefined && (await this.take(id, outboard, last))
    if (taken) await this.ask()
    else if (!this.isTyped) this.example()
  }

  /** A cup of the usual size that holds; sizes of the set by its designation, the rest invented. */
  example(): void {
    this.set = 'L68149/L68110'
    this.bore = typedIn(this.unit, '59.09', '2.3264')
    this.hubOutside = typedIn(this.unit, '82', '3.23')
    this.from = 'EXAMPLE'
    void this.ask()
  }

  clear(): void {
    this.set = this.cup = this.bore = this.hubOutside = this.weight = this.hubNow = this.cupNow = ''
    this.from = 'OWN'
  }

  /** Begins with what is on record of a wheel end, unless somebody was quicker. */
  private async take(id: string, outboard: boolean, last: LastHub | null): Promise<boolean> {
    return this.run(async () => {
      const aids = await records.aids(id)
      if (this.isTyped) return
      const race = outboard ? aids.outboard : aids.inboard
      this.set = race.set
      this.hubOutside = this.typed(race.hubOutside)
      if (race.bore) this.bore = this.typed(race.bore)
      if (last) this.from = last
    })
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
