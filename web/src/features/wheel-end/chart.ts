import type { Schemas } from '$api/request'
import { DAY, scaleLinear } from '$ui/chart'

type Setting = Schemas['NutSettingView']

/** Places of a chart in its own units: dates across, end play up. */
export interface Chart {
  points: { setting: Setting; x: number; y: number }[]
  years: { label: string; x: number }[]
  ticks: { millimetres: number; y: number }[]
  windows: { x: number; width: number; y: number; height: number; key: string }[]
  width: number
  height: number
}

const MARGIN_DAYS = 45
const TICK = 0.05

export const leftWith = (setting: Setting): Schemas['LengthView'] =>
  setting.measuredEndPlay ?? setting.endPlay

/** Lays the settings out over time; each carries the window that governed when it was made. */
export function chartOf(settings: Setting[], today: Date, width: number, height: number): Chart {
  const inOrder = settings.toReversed()
  const from =
    Math.min(...inOrder.map((s) => Date.parse(s.setAt)), today.getTime() - 400 * DAY) -
    MARGIN_DAYS * DAY
  const to = today.getTime() + MARGIN_DAYS * DAY
  const highest =
    Math.max(...inOrder.flatMap((s) => [leftWith(s).millimetres, s.windowMost.millimetres]), 0.15) +
    0.03
  const x = scaleLinear([from, to], [0, width])
  const y = scaleLinear([0, highest], [height, 0])

  const points = inOrder.map((setting) => ({
    setting,
    x: x(Date.parse(setting.setAt)),
    y: y(leftWith(setting).millimetres),
  }))
  const windows = points.map((point, i) => ({
    key: point.setting.id,
    x: point.x,
    width: (points[i + 1]?.x ?? width) - point.x,
    y: y(point.setting.windowMost.millimetres),
    height: y(point.setting.windowLeast.millimetres) - y(point.setting.windowMost.millimetres),
  }))
  const years: Chart['years'] = []
  for (let year = new Date(from).getFullYear() + 1; x(Date.UTC(year, 0, 1)) < width - 40; year++) {
    years.push({ label: String(year), x: x(Date.UTC(year, 0, 1)) })
  }
  const ticks = y.ticks(highest / TICK).map((millimetres) => ({ millimetres, y: y(millimetres) }))
  return { points, years, ticks, windows, width, height }
}
