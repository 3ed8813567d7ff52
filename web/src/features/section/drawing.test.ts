import { describe, expect, it } from 'vitest'
import { alongTheAxis, around, frameOf, lettersOf, pathOf, type SectionView } from './drawing'

const length = (millimetres: number) => ({ millimetres, thousandths: millimetres / 0.0254 })
const across = (words: string, x: number): SectionView['measures'][number] => ({
  words,
  length: length(20),
  assumed: false,
  diameter: true,
  from: { x, y: -10 },
  to: { x, y: 10 },
})
const box = (x0: number, x1: number, y1: number): SectionView['parts'][number]['outlines'] => [
  { look: 'CUT', points: [x0, 0, x1, 0, x1, y1, x0, y1] },
]
const section: SectionView = {
  leastX: -20,
  mostX: 80,
  mostY: 60,
  parts: [
    { name: 'SPINDLE', words: 'spindle', assumed: false, outlines: box(-10, 80, 10) },
    { name: 'INBOARD_CUP', words: 'inboard cup', assumed: false, outlines: box(40, 55, 30) },
    { name: 'NUT', words: 'nut', assumed: true, outlines: box(-20, -5, 15) },
  ],
  measures: [across('inboard seat', 50), across('outboard seat', 5), across('thread', 4)],
  inboardSet: 'A',
  outboardSet: 'B',
  bearingsKnown: true,
  brakeMovedIn: false,
}

describe('the frame of a section', () => {
  it('is to one scale both ways, outboard left, the axis below', () => {
    const frame = frameOf(section)
    expect(frame.x(80) - frame.x(-20)).toBeCloseTo(frame.unitsPerMillimetre * 100)
    expect(frame.y(0) - frame.y(60)).toBeCloseTo(frame.unitsPerMillimetre * 60)
    expect(frame.x(-20)).toBeGreaterThan(0)
    expect(frame.y(60)).toBeGreaterThan(0)
    expect(frame.y(0)).toBeLessThan(frame.height)
  })

  it('cuts off what stands far out, but not the bearings', () => {
    const cropped = frameOf(section, true)
    expect(cropped.height).toBeLessThan(frameOf(section).height)
    expect(cropped.y(30)).toBeGreaterThan(0)
    expect(cropped.unitsPerMillimetre).toBe(frameOf(section).unitsPerMillimetre)
  })
})

it('closes an outline', () => {
  const path = pathOf({ look: 'CUT', points: [0, 0, 1, 0, 1, 2] }, frameOf(section))
  expect(path).toMatch(/^M[\d. ]+L[\d. ]+L[\d. ]+Z$/)
})

it('goes through the parts from outboard to inboard', () => {
  expect(alongTheAxis(section.parts)).toEqual(['NUT', 'SPINDLE', 'INBOARD_CUP'])
})

it('keeps letters of neighbouring sizes apart', () => {
  const letters = lettersOf(section, frameOf(section))
  expect(letters.map(({ letter, measure }) => letter + measure.words)).toEqual([
    'Athread',
    'Boutboard seat',
    'Cinboard seat',
  ])
  expect((letters[1]?.x ?? 0) - (letters[0]?.x ?? 0)).toBeGreaterThanOrEqual(30)
})

describe('a part with its neighbours', () => {
  const frame = frameOf(section)

  it('stands where it is seen, as wide to high as a plate', () => {
    const view = around(section, ['INBOARD_CUP'], frame)
    expect(view.width / view.height).toBeCloseTo(1.6)
    expect(view.x).toBeLessThan(frame.x(40))
    expect(view.x + view.width).toBeGreaterThan(frame.x(55))
    expect(view.y).toBeLessThan(frame.y(30))
  })

  it('never shows more than is drawn', () => {
    const view = around(section, ['SPINDLE', 'NUT'], frame)
    expect(view.x).toBeGreaterThanOrEqual(0)
    expect(view.y).toBeGreaterThanOrEqual(0)
    expect(view.x + view.width).toBeLessThanOrEqual(frame.width + 1e-9)
    expect(view.y + view.height).toBeLessThanOrEqual(frame.height)
  })
})
