import { area, line } from 'd3-shape'

export { scaleLinear, scalePoint } from 'd3-scale'

/** Of a day, in milliseconds. */
export const DAY = 86_400_000

/** Of a path, a tenth of a unit is as near as anybody sees. */
const DIGITS = 1

interface Row<T> {
  x: (one: T) => number
  y: (one: T) => number
}

/** A line through points. */
export const lineThrough = <T>(points: readonly T[], { x, y }: Row<T>): string =>
  line<T>(x, y).digits(DIGITS)([...points]) ?? ''

/** What lies between two lines over the same points. */
export const between = <T>(
  points: readonly T[],
  { x, low, high }: Record<'x' | 'low' | 'high', (one: T) => number>,
): string => area<T>(x, low, high).digits(DIGITS)([...points]) ?? ''
