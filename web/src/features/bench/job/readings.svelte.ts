import type { Schemas } from '$api/request'
import { display } from '$features/display'

type Kind = Schemas['ReadingKindView']
type Unit = Schemas['UnitView']['unit']

/** Units of those who think in inches; a reading starts in one of them when inches lead. */
const INCH_UNITS: readonly Unit[] = [
  'THOU',
  'DEGREE_FAHRENHEIT',
  'POUND_FORCE_FOOT',
  'MILE',
  'POUND_FORCE',
]

/** Numbers of a hub where nobody stands, taken on the same round. */
export interface OtherHub {
  jobId: string
  position: string
  kinds: Kind[]
}

/** A reading being typed. */
export interface Typing {
  kind: Kind
  text: string
  unit: Unit
  /** At which other hub; left out at this one. */
  at?: { jobId: string; position: string }
}

/** The numbers of a step, typed by the big keys. */
export class Readings {
  all = $state<Typing[]>([])
  /** Which one is being typed; −1 while none is. */
  at = $state(-1)

  /** What the step's aid says of one of them as it is typed. */
  said = $state.raw<{ kind: Kind['kind']; words: string } | null>(null)

  readonly current: Typing | null = $derived(this.all[this.at] ?? null)

  start(kinds: Kind[], others: OtherHub[] = []): void {
    this.at = -1
    this.all = [
      ...kinds.map((kind) => ({ kind, text: '', unit: firstUnit(kind) })),
      ...others.flatMap(({ kinds: theirs, ...at }) =>
        theirs.map((kind) => ({ kind, text: '', unit: firstUnit(kind), at })),
      ),
    ]
  }

  /** Opens the next one; behind the last none is open. */
  next(): void {
    this.at = this.at + 1 >= this.all.length ? -1 : this.at + 1
  }

  type(key: string): void {
    const { current } = this
    if (!current) return
    if (key === 'back') current.text = current.text.slice(0, -1)
    else if (key === '.' && current.text.includes('.')) return
    else if (current.text.length < 8) current.text += key
  }

  /** Puts a number in that was worked out or counted elsewhere. */
  set(kind: Kind['kind'], text: string, unit?: Unit): void {
    const typing = this.all.find((one) => one.kind.kind === kind)
    if (!typing) return
    typing.text = text
    typing.unit = unit ?? typing.unit
  }

  /** Takes what an instrument showed, in its own unit. */
  take(kind: Kind['kind'], reading: Schemas['InstrumentReadingView']): void {
    this.set(kind, String(reading.number), reading.unit)
  }

  swapUnit(): void {
    const { current } = this
    if (!current) return
    const units = current.kind.units
    const here = units.findIndex((one) => one.unit === current.unit)
    current.unit = (units[(here + 1) % units.length] ?? units[0])?.unit ?? current.unit
  }

  /** What was typed here of other kinds than these. */
  without(kinds: readonly Kind[]): Typing[] {
    return this.all.filter(
      (one) => one.at === undefined && !kinds.some((kind) => kind.kind === one.kind.kind),
    )
  }

  /** Puts back what was typed before they were started anew. */
  restore(kept: readonly Typing[]): void {
    for (const one of kept) this.set(one.kind.kind, one.text, one.unit)
  }

  /** As they are sent, of this hub or another; null where one is no number yet. */
  forms(jobId?: string): Schemas['TakenForm'][] | null {
    const taken = this.all.filter((one) => one.text.trim() !== '' && one.at?.jobId === jobId)
    const forms = taken.map((one) => ({
      kind: one.kind.kind,
      number: Number(one.text.replace(',', '.')),
      unit: one.unit,
    }))
    return forms.some((form) => Number.isNaN(form.number)) ? null : forms
  }
}

function firstUnit(kind: Kind): Unit {
  const inch = kind.units.find((one) => INCH_UNITS.includes(one.unit))
  const own = kind.units[0]
  return (display.leading === 'inch' ? inch : undefined)?.unit ?? own?.unit ?? 'MILLIMETRE'
}

export const symbolOf = (typing: Typing): string =>
  typing.kind.units.find((one) => one.unit === typing.unit)?.symbol ?? ''
