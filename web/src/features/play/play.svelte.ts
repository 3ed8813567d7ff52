import { Questions } from '$api/questions'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { number } from '$ui/number-field'

/** Readings of a dial indicator on a wheel end, and what they prove; judged by the server at each change. */
export class Play extends Attempt {
  readings = $state<Schemas['LengthEntry'][]>([])
  /** The one being typed, not yet among the readings. */
  typed = $state('')
  slack = $state('')
  graduation = $state('')
  found = $state.raw<Schemas['PlayFoundView'] | null>(null)
  readonly unit: Schemas['LengthEntry']['unit'] =
    display.leading === 'metric' ? 'MILLIMETRE' : 'THOUSANDTH_INCH'
  readonly symbol = display.leading === 'metric' ? 'mm' : 'thou'
  private readonly questions = new Questions()
  /** The smallest step of the instrument taken from, mm; null where all was typed. */
  private instrumentStep: number | null = null

  constructor(private readonly wheelEndId: string) {
    super()
  }

  /** Adds what is typed. */
  add(): void {
    const typed = number(this.typed)
    if (typed === null) return
    this.readings = [...this.readings, { number: typed, unit: this.unit }]
    this.typed = ''
    void this.judge()
  }

  /** Adds what an instrument shows. */
  take(reading: Schemas['InstrumentReadingView']): void {
    this.instrumentStep = reading.keptResolution
    this.readings = [...this.readings, { number: reading.kept, unit: 'MILLIMETRE' }]
    void this.judge()
  }

  remove(index: number): void {
    this.readings = this.readings.filter((_, i) => i !== index)
    void this.judge()
  }

  /** As it is sent; null while there is no reading. */
  form(): Schemas['DialReadingsForm'] | null {
    if (this.readings.length === 0) return null
    const slack = number(this.slack)
    const typed = number(this.graduation)
    const graduation = this.graduationForm(typed)
    return {
      readings: [...this.readings],
      ...(slack === null ? {} : { slack: { number: slack, unit: this.unit } }),
      ...(graduation === null ? {} : { graduation }),
    }
  }

  /** As typed; else the step of the instrument that was taken from; null where neither is known. */
  private graduationForm(typed: number | null): Schemas['LengthEntry'] | null {
    if (typed !== null) return { number: typed, unit: this.unit }
    return this.instrumentStep === null ? null : { number: this.instrumentStep, unit: 'MILLIMETRE' }
  }

  async judge(): Promise<void> {
    const isLast = this.questions.ask()
    const form = this.form()
    if (!form) {
      this.found = null
      return
    }
    await this.run(async () => {
      const found = await api.playReadings(this.wheelEndId, form)
      if (isLast()) this.found = found
    })
  }
}
