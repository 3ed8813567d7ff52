import { Questions } from '$api/questions'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { number } from '$ui/number-field'

export type Measurand = Schemas['MeasurandView']['id']
export type Instrument = Schemas['InstrumentView']['id']

interface Reading {
  text: string
  instrument: Instrument
}

/** What was measured on a bearing nobody can read, and which it could be. */
export class Identify extends Attempt {
  reference = $state.raw<Schemas['IdentifyReferenceView'] | null>(null)
  found = $state.raw<Schemas['IdentificationView'] | null>(null)
  unit = $state<'MILLIMETRE' | 'INCH'>(display.leading === 'metric' ? 'MILLIMETRE' : 'INCH')
  readings = $state<Partial<Record<Measurand, Reading>>>({})
  /** Whether what stands there was typed by nobody. */
  isExample = $state(false)
  private readonly questions = new Questions()

  readonly first = $derived(this.found?.candidates[0] ?? null)
  readonly next = $derived(this.found?.next[0] ?? null)
  /** Readings that are numbers, in the order they are listed. */
  private readonly sent = $derived(
    (this.reference?.measurands ?? []).filter(
      ({ id }) => number(this.readings[id]?.text ?? '') !== null,
    ),
  )

  async load(): Promise<void> {
    await this.run(async () => {
      this.reference = await api.identifyReference()
      for (const { id } of this.reference.measurands)
        this.readings[id] = { text: '', instrument: 'CALLIPER' }
    })
  }

  /** What is wrong with a reading; the server names it by its place among those sent. */
  errorOf(id: Measurand): string {
    const text = this.readings[id]?.text.trim() ?? ''
    if (text !== '' && number(text) === null) return 'A plain number, such as 31.75'
    const place = this.sent.findIndex((one) => one.id === id)
    return place < 0 ? '' : this.fieldError(`measurements[${place}].length.number`)
  }

  async ask(): Promise<void> {
    const isLast = this.questions.ask()
    const measurements = this.sent.map(({ id }) => ({
      measurand: id,
      instrument: this.readings[id]?.instrument ?? ('CALLIPER' as const),
      length: { number: number(this.readings[id]?.text ?? '') ?? 0, unit: this.unit },
    }))
    if (measurements.length === 0) {
      this.found = null
      this.problem = null
      return
    }
    await this.run(async () => {
      const found = await api.identify({ measurements })
      if (isLast()) this.found = found
    })
    if (this.problem && isLast()) this.found = null
  }

  /** Two readings of a usual set, as a calliper gives them. */
  example(): void {
    // somebody was quicker
    if (!this.isExample && this.sent.length > 0) return
    this.isExample = true
    const metric = this.unit === 'MILLIMETRE'
    this.set('CONE_BORE', metric ? '34.98' : '1.377')
    this.set('CUP_OUTSIDE', metric ? '59.12' : '2.3275')
    void this.ask()
  }

  private set(id: Measurand, text: string): void {
    const reading = this.readings[id]
    if (reading) reading.text = text
  }

  clear(): void {
    this.isExample = false
    for (const reading of Object.values(this.readings)) reading.text = ''
    void this.ask()
  }
}

/** A chance as one would bet on it: 0.98 as "49 in 50", 0.04 as "1 in 25". */
export function chance(probability: number): string {
  const against = probability > 0.5
  const one = Math.min(
    100,
    Math.round(1 / Math.max(0.001, against ? 1 - probability : probability)),
  )
  const rounded = one > 12 ? Math.round(one / 5) * 5 : Math.max(2, one)
  return against && rounded > 2 ? `${rounded - 1} in ${rounded}` : `1 in ${rounded}`
}
