import { api, ProblemError, type Problem, type Schemas } from '$api/client'
import { Play } from '$features/play'
import type { NutDial } from './nut-dial.svelte'
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
  ) {
    this.play = new Play(wheelEndId)
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
    const readings = this.play.form()
    const torque = this.dial.torque()
    return {
      id: this.stamp.id,
      setAt: this.stamp.setAt,
      school: this.dial.hub.school,
      reading: this.dial.reading(),
      backOffDegrees: Math.round((this.dial.target ?? 0) * 1000) / 1000,
      torqueConfirmed: this.torqueConfirmed,
      note: this.note,
      ...(readings ? { readings } : {}),
      ...(torque ? { finalTorque: torque } : {}),
    }
  }
}
