import type { Schemas } from '$api/request'
import { remember, remembered } from './storage'

type LengthView = Schemas['LengthView']
type Leading = 'metric' | 'inch'

const KEY = 'oldtallow.units'
const THEME_KEY = 'oldtallow.theme'

/** Which unit leads, and by which light: the person's own choices, kept on this device. */
class Display {
  leading = $state<Leading>(remembered(KEY) === 'inch' ? 'inch' : 'metric')
  theme = $state<'light' | 'dark'>(this.firstTheme())

  swapUnits(): void {
    this.leading = this.leading === 'metric' ? 'inch' : 'metric'
    remember(KEY, this.leading)
  }

  swapTheme(): void {
    this.theme = this.theme === 'light' ? 'dark' : 'light'
    remember(THEME_KEY, this.theme)
    this.applyTheme()
  }

  applyTheme(): void {
    document.documentElement.dataset.theme = this.theme
  }

  private firstTheme(): 'light' | 'dark' {
    const kept = remembered(THEME_KEY)
    if (kept === 'light' || kept === 'dark') return kept
    return globalThis.matchMedia?.('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
  }
}

export const display = new Display()

const minus = (text: string): string => text.replace('-', '−')

/** A number as it is written, and its unit. */
export interface Written {
  number: string
  unit: string
}

const words = (written: Written): string => `${written.number} ${written.unit}`

const inMillimetres = (length: LengthView): Written => ({
  number: minus(length.millimetres.toFixed(3)),
  unit: 'mm',
})

const inThousandths = (length: LengthView): Written => ({
  number: minus(length.thousandths.toFixed(1)),
  unit: 'thou',
})

export const millimetres = (length: LengthView): string => words(inMillimetres(length))

export const thousandths = (length: LengthView): string => words(inThousandths(length))

const sizeMillimetres = (length: LengthView): string => `${length.millimetres.toFixed(2)} mm`

const sizeInches = (length: LengthView): string => `${(length.thousandths / 1000).toFixed(4)} in`

/** A part's size in the unit that leads. */
export const leadingSize = (length: LengthView): string =>
  display.leading === 'metric' ? sizeMillimetres(length) : sizeInches(length)

/** A part's size in the other unit. */
export const otherSize = (length: LengthView): string =>
  display.leading === 'metric' ? sizeInches(length) : sizeMillimetres(length)

/** The length in the unit that leads, number and unit apart. */
export const leadingWritten = (length: LengthView): Written =>
  display.leading === 'metric' ? inMillimetres(length) : inThousandths(length)

const otherWritten = (length: LengthView): Written =>
  display.leading === 'metric' ? inThousandths(length) : inMillimetres(length)

/** The length in the unit that leads. */
export const leadingLength = (length: LengthView): string => words(leadingWritten(length))

/** The length in the other unit. */
export const otherLength = (length: LengthView): string => words(otherWritten(length))

/** From and to in the unit that leads, which is said once. */
export const leadingRange = (least: LengthView, most: LengthView): string =>
  `${leadingWritten(least).number} to ${leadingLength(most)}`

/** From and to in the other unit. */
export const otherRange = (least: LengthView, most: LengthView): string =>
  `${otherWritten(least).number} to ${otherLength(most)}`

export const degrees = (angle: number): string => {
  const rounded = Math.round(angle * 10) / 10
  return minus(`${Number.isInteger(rounded) ? rounded.toString() : rounded.toFixed(1)}°`)
}

/** Three significant digits, no exponent. */
export const figure = (value: number): string =>
  value === 0 ? '0' : minus(Number(value.toPrecision(3)).toString())

/** A figure nobody knows better than between two: "150 to 200", once where both round alike; rounded to so much. */
export function between(range: { least: number; most: number }, to = 1): string {
  const least = Math.round(range.least / to) * to
  const most = Math.round(range.most / to) * to
  if (most < 1) return 'under 1'
  return least === most ? String(most) : `${least} to ${most}`
}
