import type { Schemas } from '$api/request'

type Point = Schemas['SettingPointView']

/** A strip of the chart: one quantity over the end play. */
export interface Strip {
  label: string
  unit: string
  top: number
  height: number
  most: number
  line: string
  /** Whether it is highest where the hub is loosest, so that its label stands better on the right. */
  falls: boolean
  ticks: { value: number; y: number }[]
  of: (point: Point) => number
  y: (value: number) => number
  /** Outline of where it may be; empty where nothing is said of that. */
  band: string
}

/** What a point may be at least and at most. */
export type Band = (point: Point) => { least: number; most: number }

/** Where an end play lies: loose on the left, tight on the right. */
export function across(points: readonly Point[], width: number): (millimetres: number) => number {
  const loosest = points[0]?.endPlay.millimetres ?? 0.25
  const tightest = points.at(-1)?.endPlay.millimetres ?? -0.1
  return (millimetres) => ((loosest - millimetres) / (loosest - tightest)) * width
}

/** A strip scaled so that its largest value just fits, with three or so round ticks. */
export function strip(
  points: readonly Point[],
  what: { label: string; unit: string; top: number; height: number; fromZero: boolean },
  of: (point: Point) => number,
  width: number,
  band?: Band,
): Strip {
  const from = what.fromZero ? 0 : Math.floor(Math.min(...points.map(of)) / 10) * 10
  const most = Math.max(...points.map((one) => band?.(one).most ?? of(one)), from + 1e-6)
  const y = (value: number): number =>
    what.top + what.height * (1 - (Math.min(value, most) - from) / (most - from))
  const x = across(points, width)
  const line = points
    .map(
      (point, i) =>
        `${i === 0 ? 'M' : 'L'}${x(point.endPlay.millimetres).toFixed(1)} ${y(of(point)).toFixed(1)}`,
    )
    .join('')
  const first = points[0]
  const edge = (which: 'least' | 'most'): string[] =>
    band
      ? points.map(
          (one) => `${x(one.endPlay.millimetres).toFixed(1)} ${y(band(one)[which]).toFixed(1)}`,
        )
      : []
  return {
    ...what,
    most,
    line,
    falls: first !== undefined && of(first) > (from + most) / 2,
    ticks: ticks(from, most).map((value) => ({ value, y: y(value) })),
    of,
    y,
    band: band ? `M${[...edge('most'), ...edge('least').reverse()].join('L')}Z` : '',
  }
}

/** Round values between two, three or so. */
export function ticks(from: number, to: number): number[] {
  const rough = (to - from) / 3
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map((n) => n * power).find((n) => n >= rough * 0.7) ?? power * 10
  const first = Math.ceil(from / step) * step
  return Array.from({ length: Math.floor((to - first) / step + 1e-9) + 1 }, (_, i) =>
    Number((first + i * step).toPrecision(6)),
  )
}
