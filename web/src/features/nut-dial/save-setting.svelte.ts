import { api, ProblemError, type Problem, type Schemas } from '$api/client'
import { display } from '$features/display'
import type { LengthUnit, NutDial, Typed } from './nut-dial.svelte'
import { number } from '$ui/number-field'
import { newStamp } from './stamp'

/** A setting about to be put on record; keeps what was entered until the server has it. */
export class SettingEntry {
  measured = $state<Typed<LengthUnit>>({
    text: '',
    unit: display.leading === 'metric' ? 'MILLIMETRE' : 'THOUSANDTH_INCH',
  })
  note = $state('')
  torqueConfirmed = $state(false)
  saving = $state(false)
  problem = $state.raw<Problem | null>(null)
  saved = $state.raw<Schemas['NutSettingView'] | null>(null)

  readonly measuredError = $derived(
    this.measured.text.trim() !== '' && number(this.measured.text) === null
      ? 'A plain number, such as 0.08'
      : this.fieldError('measuredEndPlay'),
  )

  // made once for this entry: a save tried twice is one setting
  private readonly stamp = newStamp()

  constructor(
    private readonly wheelEndId: string,
    private readonly dial: NutDial,
  ) {}

  fieldError(field: string): string {
    const found = this.problem?.errors.find((error) => error.field.startsWith(field))
    return found?.remedy ?? ''
  }

  async save(): Promise<boolean> {
    if (this.saving || this.measuredError) return false
    this.saving = true
    try {
      this.saved = await api.saveSetting(this.wheelEndId, this.form())
      this.problem = null
      return true
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
      return false
    } finally {
      this.saving = false
    }
  }

  private form(): Schemas['NutSettingForm'] {
    const measured = number(this.measured.text)
    const torque = this.dial.torque()
    return {
      id: this.stamp.id,
      setAt: this.stamp.setAt,
      school: this.dial.hub.school,
      reading: this.dial.reading(),
      backOffDegrees: Math.round((this.dial.target ?? 0) * 1000) / 1000,
      torqueConfirmed: this.torqueConfirmed,
      note: this.note,
      ...(measured === null
        ? {}
        : { measuredEndPlay: { number: measured, unit: this.measured.unit } }),
      ...(torque ? { finalTorque: torque } : {}),
    }
  }
}
