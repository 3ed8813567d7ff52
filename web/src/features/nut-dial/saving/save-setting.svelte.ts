import type { Problem, Schemas } from '$api/request'
import { outbox } from '$features/outbox'
import { Play } from '$features/play'
import type { NutDial } from '$features/nut-dial/state'
import { number } from '$ui/number-field'
import { newStamp } from './stamp'

/** A setting about to be put on record; keeps what was entered until the server has it. */
export class SettingEntry {
  /** The play after locking, as it was read. */
  readonly play: Play
  note = $state('')
  torqueConfirmed = $state(false)
  saving = $state(false)
  problem = $state.raw<Problem | null>(null)
  saved = $state.raw<Schemas['NutSettingView'] | null>(null)

  // made once for this entry: a save tried twice is one setting
  private readonly stamp = newStamp()

  constructor(
    private readonly wheelEndId: string,
    private readonly dial: NutDial,
    /** The job that wants the setting; empty where it is set by itself. */
    private readonly jobId = '',
  ) {
    this.play = new Play(wheelEndId)
  }

  /** Under which it waits in the outbox. */
  get place(): string {
    return this.jobId || this.wheelEndId
  }

  fieldError(field: string): string {
    const found = this.problem?.errors.find((error) => error.field.startsWith(field))
    return found?.remedy ?? ''
  }

  async save(): Promise<boolean> {
    const { typed } = this.play
    if (this.saving || (typed.trim() !== '' && number(typed) === null)) return false
    this.play.add() // one still being typed counts
    this.saving = true
    const form = this.form()
    const known = await outbox.put(
      this.place,
      'setting',
      { id: form.id, wheelEndId: this.wheelEndId, form },
      'the setting of the nut',
    )
    this.saving = false
    this.problem = 'refused' in known ? known.refused : null
    if ('answer' in known) this.saved = known.answer
    return this.saved !== null
  }

  private form(): Schemas['NutSettingForm'] {
    const readings = this.play.form()
    const torque = this.dial.torque()
    return {
      id: this.stamp.id,
      setAt: this.stamp.setAt,
      procedure: this.dial.hub.procedure,
      reading: this.dial.reading(),
      backOffDegrees: Math.round((this.dial.target ?? 0) * 1000) / 1000,
      torqueConfirmed: this.torqueConfirmed,
      note: this.note,
      ...(readings ? { readings } : {}),
      ...(torque ? { finalTorque: torque } : {}),
    }
  }
}
