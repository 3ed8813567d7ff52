import type { Schemas } from '$api/request'

export type SectionView = Schemas['SectionView']
export type SectionPart = Schemas['SectionPartView']
export type PartName = SectionPart['name']
export type Outline = Schemas['OutlineView']

/** What a part is to look like, besides being there. */
export type PartStatus = 'absent' | 'worn' | 'new' | 'inHand'

/** Hatches tell neighbours apart: by angle, and by how dense they are. */
export type HatchName = 'spindle' | 'hub' | 'ring' | 'ringBack' | 'rubber' | 'nut' | 'sheet'

export const hatches: Record<HatchName, { angle: number; spacing: number }> = {
  spindle: { angle: 45, spacing: 12 },
  hub: { angle: -45, spacing: 10 },
  ring: { angle: 45, spacing: 5.5 },
  ringBack: { angle: -45, spacing: 5.5 },
  rubber: { angle: -45, spacing: 3.2 },
  nut: { angle: -45, spacing: 7 },
  sheet: { angle: 45, spacing: 4 },
}

const hatchOf: Partial<Record<PartName, HatchName>> = {
  SPINDLE: 'spindle',
  DRIVESHAFT: 'spindle',
  HALF_SHAFT: 'spindle',
  HUB: 'hub',
  DRIVE_FLANGE: 'nut',
  INBOARD_CUP: 'ring',
  OUTBOARD_CUP: 'ring',
  INBOARD_CONE: 'ringBack',
  OUTBOARD_CONE: 'ringBack',
  SPACER: 'nut',
  SEAL: 'rubber',
  OUTBOARD_SEAL: 'rubber',
  STUB_SEAL: 'rubber',
  CAP_PLUG: 'rubber',
  NUT: 'nut',
  OUTER_NUT: 'nut',
}

export const hatchFor = (name: PartName): HatchName => hatchOf[name] ?? 'sheet'

/** Wide enough that lines of 2 units are about 2 px on a desk. */
const WIDTH = 1000
const MARGIN = 14
/** How much of what is about it a part is shown with, and the shape of that view. */
const NEIGHBOURS = 2.4
const ASPECT = 1.6
/** Below the axis: letters of the sizes, and the distance of the back faces. */
const BELOW = 76

/** How millimetres become units of the drawing. */
export interface Frame {
  unitsPerMillimetre: number
  width: number
  height: number
  x: (millimetres: number) => number
  y: (millimetres: number) => number
}

/** The drawing's frame; `onlyBearings` cuts off what stands far out, for narrow screens. */
export function frameOf(section: SectionView, onlyBearings = false): Frame {
  const top = onlyBearings ? bearingTop(section) : section.mostY
  const unitsPerMillimetre = (WIDTH - 2 * MARGIN) / (section.mostX - section.leastX)
  const above = top * unitsPerMillimetre + MARGIN
  return {
    unitsPerMillimetre,
    width: WIDTH,
    height: above + BELOW,
    x: (millimetres) => MARGIN + (millimetres - section.leastX) * unitsPerMillimetre,
    y: (millimetres) => above - millimetres * unitsPerMillimetre,
  }
}

/** A little over the cups. */
function bearingTop(section: SectionView): number {
  const cups = section.parts.filter((part) => part.name.endsWith('_CUP'))
  const heights = cups.flatMap((part) =>
    part.outlines.flatMap((outline) => outline.points.filter((_, i) => i % 2 === 1)),
  )
  return heights.length === 0 ? section.mostY : Math.max(...heights) * 1.35
}

/** A part with its neighbours, as wide to high as the how-to plates, never past the drawing's edge. */
export function around(
  section: SectionView,
  parts: readonly PartName[],
  frame: Frame,
): { x: number; y: number; width: number; height: number } {
  const points = section.parts
    .filter((part) => parts.includes(part.name))
    .flatMap((part) => part.outlines.flatMap((outline) => outline.points))
  const xs = points.filter((_, i) => i % 2 === 0).map(frame.x)
  const ys = points.filter((_, i) => i % 2 === 1).map(frame.y)
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)]
  const most = Math.min(frame.width, (frame.height - BELOW) * ASPECT)
  const width = Math.min(most, NEIGHBOURS * Math.max(right - left, (bottom - top) * ASPECT))
  const height = width / ASPECT
  const from = (middle: number, size: number, end: number): number =>
    Math.max(0, Math.min(middle - size / 2, end - size))
  return {
    x: from((left + right) / 2, width, frame.width),
    y: from((top + bottom) / 2, height, frame.height - BELOW),
    width,
    height,
  }
}

/** An outline as a path. */
export function pathOf(outline: Outline, frame: Frame): string {
  const points: string[] = []
  for (let i = 0; i + 1 < outline.points.length; i += 2) {
    const x = frame.x(outline.points[i] ?? 0)
    const y = frame.y(outline.points[i + 1] ?? 0)
    points.push(`${x.toFixed(1)} ${y.toFixed(1)}`)
  }
  return `M${points.join('L')}Z`
}

/** Parts from outboard to inboard, as arrow keys go through them. */
export function alongTheAxis(parts: SectionPart[]): PartName[] {
  const middle = (part: SectionPart): number => {
    const xs = part.outlines.flatMap((outline) => outline.points.filter((_, i) => i % 2 === 0))
    return xs.length === 0 ? 0 : (Math.min(...xs) + Math.max(...xs)) / 2
  }
  return [...parts].sort((a, b) => middle(a) - middle(b)).map((part) => part.name)
}

/** Letters of the sizes across the axis, moved apart where they would touch. */
export function lettersOf(
  section: SectionView,
  frame: Frame,
): { letter: string; x: number; at: number; top: number; measure: Schemas['MeasureView'] }[] {
  const APART = 30
  let free = -Infinity
  return section.measures
    .filter((measure) => measure.diameter)
    .map((measure) => ({ measure, at: frame.x(measure.from.x) }))
    .sort((a, b) => a.at - b.at)
    .map(({ measure, at }, i) => {
      const x = Math.max(at, free)
      free = x + APART
      return { letter: String.fromCharCode(65 + i), x, at, top: frame.y(measure.to.y), measure }
    })
}
