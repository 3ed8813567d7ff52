/** How a shape of a plate is drawn. */
export type Look =
  /** Whole metal. */
  | 'body'
  /** Cut metal of hub or spindle. */
  | 'cut'
  /** Cut metal of a bearing ring. */
  | 'ring'
  /** What is held in the hand. */
  | 'tool'
  | 'hand'
  | 'rubber'
  | 'grease'
  /** What is not as it should be. */
  | 'bad'
  /** A scratch, or a thing not to do. */
  | 'mark'
  | 'good'
  | 'brass'
  | 'line'
  | 'thin'
  /** Where it was, or will be. */
  | 'ghost'
  /** Which way a hand or a part goes. */
  | 'arrow'

/** Fill and line of each. */
export const looks: Record<Look, string> = {
  body: 'fill-sheet stroke-ink',
  cut: 'stroke-ink',
  ring: 'stroke-ink',
  tool: 'fill-tray stroke-ink',
  hand: 'fill-wall stroke-ink',
  rubber: 'fill-line stroke-ink',
  grease: 'fill-grease stroke-grease',
  bad: 'fill-oxide stroke-oxide',
  mark: 'fill-none stroke-oxide',
  good: 'fill-none stroke-verdigris',
  brass: 'fill-brass-fill stroke-ink',
  line: 'fill-none stroke-ink',
  thin: 'fill-none stroke-line',
  ghost: 'fill-none stroke-ink',
  arrow: 'fill-none stroke-grease',
}

export interface Shape {
  d: string
  as: Look
  /** To and fro by so much, where motion is welcome. */
  slides?: readonly [number, number]
}

export interface Word {
  at: readonly [number, number]
  says: string
}

/** A drawing of a move, 320 by 200, in the hand's own words. */
export interface Plate {
  title: string
  /** What it shows, for whoever does not see it. */
  alt: string
  shapes: readonly Shape[]
  words?: readonly Word[]
}

type Point = readonly [number, number]

export const poly = (...points: Point[]): string =>
  `M${points.map(([x, y]) => `${x} ${y}`).join('L')}Z`

export const path = (...points: Point[]): string =>
  `M${points.map(([x, y]) => `${x} ${y}`).join('L')}`

export const box = (x: number, y: number, w: number, h: number): string =>
  `M${x} ${y}h${w}v${h}h${-w}Z`

export const disc = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`

/** A flat ring seen from its face. */
export const annulus = (x: number, y: number, outer: number, inner: number): string =>
  disc(x, y, outer) + disc(x, y, inner)

const onCircle = (x: number, y: number, r: number, degrees: number): string => {
  const turn = (degrees * Math.PI) / 180
  return `${(x + r * Math.cos(turn)).toFixed(1)} ${(y + r * Math.sin(turn)).toFixed(1)}`
}

/** Part of a circle, clockwise from one angle to another; 0 is to the right. */
export const arc = (x: number, y: number, r: number, from: number, to: number): string =>
  `M${onCircle(x, y, r, from)}A${r} ${r} 0 ${Math.abs(to - from) > 180 ? 1 : 0} ${to > from ? 1 : 0} ${onCircle(x, y, r, to)}`

/** A polygon with all its corners on a circle. */
export const corners = (x: number, y: number, r: number, n: number, from = 0): string =>
  `M${Array.from({ length: n }, (_, i) => onCircle(x, y, r, from + (i * 360) / n)).join('L')}Z`

/** Marks on a circle, each so long outward. */
export const ticks = (x: number, y: number, r: number, n: number, by: number, from = 0): string =>
  Array.from({ length: n }, (_, i) => {
    const at = from + (i * 360) / n
    return `M${onCircle(x, y, r, at)}L${onCircle(x, y, r + by, at)}`
  }).join('')

/** A hub's cup seen cut above the axis: the thick edge to the right unless it is turned round. */
export const cup = (x: number, y: number, w: number, thick: number, turned = false): string =>
  turned
    ? poly([x, y], [x + w, y], [x + w, y + thick * 0.35], [x, y + thick])
    : poly([x, y], [x + w, y], [x + w, y + thick], [x, y + thick * 0.35])

/** A mitten from the right, its thumb up, the finger tips at this place. */
export const mitten = (x: number, y: number): string =>
  `M${x} ${y}c-6 0 -8 9 -1 11h14c-8 3 -8 12 0 13h8c-5 4 -3 11 3 11h40c12 0 18 -8 18 -18v-16c0 -12 -8 -18 -20 -18h-14l-10 -18c-6 -8 -16 -2 -12 7l6 13v15Z`
