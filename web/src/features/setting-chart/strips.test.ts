import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/client'
import { length } from '$testing/answers'
import { across, strip, ticks, WIDTH } from './strips'

const point = (millimetres: number, relativeLife: number): Schemas['SettingPointView'] => ({
  endPlay: length(millimetres),
  relativeLife,
  hub: { celsius: 40, fahrenheit: 104 },
  rock: length(0.4),
  dragNewtonMetres: 0.5,
  preload: { kilonewtons: 0, poundsForce: 0 },
  inboardShare: 0.5,
  outboardShare: 1,
  heaviestRoller: { kilonewtons: 1, poundsForce: 224 },
})
const points = [point(0.25, 0.3), point(0, 1), point(-0.1, 0.02)]

describe('the strips of the setting chart', () => {
  it('has loose on the left and tight on the right', () => {
    const x = across(points)
    expect(x(0.25)).toBe(0)
    expect(x(-0.1)).toBeCloseTo(WIDTH)
    expect(x(0)).toBeGreaterThan(x(0.1))
  })

  it('draws its largest value at the top', () => {
    const life = strip(
      points,
      { label: 'life', unit: '', top: 10, height: 100 },
      (p) => p.relativeLife,
    )
    expect(life.y(1)).toBe(10)
    expect(life.y(0)).toBe(110)
    expect(life.line).toMatch(/^M0\.0 /)
  })

  it.each([
    [0, 1.15, [0, 0.5, 1]],
    [20, 82, [20, 40, 60, 80]],
    [0, 0.95, [0, 0.5]],
  ])('ticks from %d to %d at round values', (from, to, wanted) => {
    expect(ticks(from, to)).toEqual(wanted)
  })
})
