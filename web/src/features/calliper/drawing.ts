import { path, type Shape } from '$features/plates'

/** A size and the line the calliper is laid along. */
export interface Size {
  /** The field it goes into, by its `data-size`. */
  key: string
  /** Both ends of the line. */
  from: readonly [number, number]
  to: readonly [number, number]
  says: string
  /** Where it is said; beside the line's middle where nothing is said. */
  at?: readonly [number, number]
}

/** A part cut open, 320 by 200, with what is measured on it. */
export interface Drawing {
  alt: string
  shapes: readonly Shape[]
  sizes: readonly Size[]
}

export const axis: Shape = { d: path([16, 100], [304, 100]), as: 'thin' }
/** The same above and below the axis. */
export const both = (d: (y: (r: number) => number) => string): string =>
  d((r) => 100 - r) + d((r) => 100 + r)
/** From the part to the line that measures it. */
export const out = (...lines: [readonly [number, number], readonly [number, number]][]): Shape => ({
  d: lines.map(([a, b]) => path(a, b)).join(''),
  as: 'thin',
})
