import type { Schemas } from '$api/request'
import { between, lineThrough, scaleLinear } from '$ui/chart'

type Point = Schemas['SettingPointView']

const TICKS = 3

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
export function across(
  points: readonly Point[],
  width: number,
): ReturnType<typeof scaleLinear<number>> {
  const loosest = points[0]?.endPlay.millimetres ?? 0.25
  const tightest = points.at(-1)?.endPlay.millimetres ?? -0.1
  return scaleLinear([loosest, tightest], [0, width])
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
  const y = scaleLinear([from, most], [what.top + what.height, what.top])
  const placed = across(points, width)
  const x = (point: Point): number => placed(point.endPlay.millimetres)
  const first = points[0]
  return {
    ...what,
    most,
    line: lineThrough(points, { x, y: (point) => y(of(point)) }),
    falls: first !== undefined && of(first) > (from + most) / 2,
    ticks: y.ticks(TICKS).map((value) => ({ value, y: y(value) })),
    of,
    y: (value) => y(Math.min(value, most)),
    band: band
      ? between(points, {
          x,
          low: (point) => y(band(point).least),
          high: (point) => y(band(point).most),
        })
      : '',
  }
}
