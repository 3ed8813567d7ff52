import type { Schemas } from '$api/request'
import { rings } from '$features/bearing'
import { today } from '$features/display'
import { number } from '$ui/number-field'
import { isBearing, type Place } from './fitted'

type Part = Schemas['PartView']
type Condition = Part['condition']

export const conditions = [
  { value: 'NEW', label: 'new' },
  { value: 'REUSED', label: 'reused' },
] as const

export const what = [
  { value: 'fitted', label: 'another part was fitted' },
  { value: 'typo', label: 'that was a typing error' },
] as const

/** What is being entered of a part: one part, however often the save is tried. */
export class PartEntry {
  readonly bearing: boolean
  readonly form = $state({
    set: '',
    designation: '',
    conePair: '',
    cupPair: '',
    gradeNote: '',
    batch: '',
    packedOn: '',
    fittedOn: today(),
    fittedKm: '',
  })
  condition = $state<Condition>('NEW')
  /** Whether the part there is the same one, and was only written down wrongly. */
  typo = $state(false)

  private readonly id = crypto.randomUUID()

  /** `found`: a set found for it in the reckoner; empty where none was. */
  constructor(
    private readonly place: Place,
    private readonly now: Part | null,
    found: string,
  ) {
    this.bearing = isBearing(place)
    this.form.set = found || (this.bearing ? (now?.words ?? '') : '')
    this.form.designation = now?.designation ?? ''
  }

  /** A part that was written down wrongly is what it was, but for what is changed now. */
  correcting(next: boolean): void {
    this.typo = next
    const { form, now } = this
    if (!now) return
    form.conePair = form.cupPair = next ? (now.pairNumber ?? '') : ''
    form.gradeNote = next ? now.gradeNote : ''
    form.batch = next ? now.batch : ''
    form.packedOn = next ? (now.packedOn ?? '') : ''
    form.fittedOn = next ? (now.fittedOn ?? '') : today()
    form.fittedKm = next && now.fittedKm !== undefined ? String(now.fittedKm) : ''
    this.condition = next ? now.condition : 'NEW'
  }

  get body(): Schemas['PartForm'] {
    const { form, now } = this
    const km = number(form.fittedKm)
    const pair = this.bearing ? rings(form.set) : null
    return {
      id: this.typo && now ? now.id : this.id,
      place: this.place,
      designation: this.bearing ? (pair?.cone ?? '') : form.designation,
      ...(pair ? { cupDesignation: pair.cup } : {}),
      ...(this.bearing ? { conePairNumber: form.conePair, cupPairNumber: form.cupPair } : {}),
      gradeNote: form.gradeNote,
      batch: form.batch,
      ...(form.packedOn ? { packedOn: form.packedOn } : {}),
      ...(form.fittedOn ? { fittedOn: form.fittedOn } : {}),
      ...(km === null ? {} : { fittedKm: km }),
      condition: this.condition,
    }
  }
}
