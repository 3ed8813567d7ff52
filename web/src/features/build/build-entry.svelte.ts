import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { lockPresets } from '$features/nut-dial/state'
import { number } from '$ui/number-field'

type Build = Schemas['BuildForm']
type Dimension = Schemas['DimensionForm']['dimension']
export type SizeUnit = 'MILLIMETRE' | 'INCH'

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** What is being entered about what a wheel end is made of. */
export class BuildEntry {
  form: Build = $state.raw() as Build
  unit = $state<SizeUnit>(display.leading === 'metric' ? 'MILLIMETRE' : 'INCH')
  /** Sizes as typed, by dimension. */
  sizes = $state<Partial<Record<Dimension, string>>>({})
  /** Sizes that were on record, so that what nobody touched is sent as it was. */
  private known: Build['dimensions'] = []

  readonly lockId = $derived(
    lockPresets.find((preset) => same(preset.lock, bare(this.form.lock)))?.id ?? 'as-is',
  )

  constructor(start: Build) {
    this.start(start)
  }

  /** Begins anew from a preset or from what is on record. */
  start(from: Build): void {
    this.form = from
    this.known = from.dimensions
    // what is on record is shown in millimetres; a fresh entry starts in the unit that leads
    this.unit = from.dimensions.length > 0 || display.leading === 'metric' ? 'MILLIMETRE' : 'INCH'
    this.sizes = Object.fromEntries(
      from.dimensions.map(({ dimension, length }) => [dimension, shown(length.number)]),
    )
  }

  set<K extends keyof Build>(field: K, value: Build[K]): void {
    this.form = { ...this.form, [field]: value }
  }

  setUnit(unit: SizeUnit): void {
    this.unit = unit
  }

  setLock(id: string): void {
    const preset = lockPresets.find((one) => one.id === id)
    if (preset) this.set('lock', preset.lock)
  }

  /** Sizes that are no numbers; the server says the rest. */
  badSize(dimension: Dimension): string {
    const text = this.sizes[dimension]?.trim() ?? ''
    return text !== '' && number(text) === null ? 'A plain number, such as 34.99' : ''
  }

  toForm(): Build {
    const dimensions: Build['dimensions'] = []
    for (const [name, text] of Object.entries(this.sizes)) {
      const dimension = name as Dimension
      const typed = number(text ?? '')
      if (typed === null) continue
      const before = this.known.find((one) => one.dimension === dimension)
      dimensions.push(
        before && shown(before.length.number) === text?.trim()
          ? before
          : { dimension, length: { number: typed, unit: this.unit } },
      )
    }
    return { ...this.form, dimensions }
  }
}

/** A lock without what its kind does not need. */
function bare(lock: Build['lock']): Build['lock'] {
  return Object.fromEntries(
    Object.entries(lock).filter(([, value]) => value !== undefined),
  ) as Build['lock']
}

/** A size on record as it would be typed. */
const shown = (millimetres: number): string => String(Number(millimetres.toFixed(3)))
