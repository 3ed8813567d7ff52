import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { length } from '$testing/answers'
import { across, strip } from './strips'

const WIDTH = 640

const point = (millimetres: number, relativeLife: number): Schemas['SettingPointView'] => ({
  endPlay: length(millimetres),
  life: { likely: relativeLife, least: relativeLife * 0.8, most: relativeLife * 1.3 },
  added: {
    likely: { celsius: 5, fahrenheit: 9 },
    least: { celsius: 2.5, fahrenheit: 4.5 },
    most: { celsius: 10, fahrenheit: 18 },
    words: 'adds some 2 to 10 °C',
  },
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
    const x = across(points, WIDTH)
    expect(x(0.25)).toBe(0)
    expect(x(-0.1)).toBeCloseTo(WIDTH)
    expect(x(0)).toBeGreaterThan(x(0.1))
  })

  it('draws its largest value at the top', () => {
    const life = strip(
      points,
      { label: 'life', unit: '', top: 10, height: 100, fromZero: true },
      (p) => p.life.likely,
      WIDTH,
    )
    expect(life.y(1)).toBe(10)
    expect(life.y(0)).toBe(110)
    expect(life.line).toMatch(/^M0,/)
  })

  it('leaves room for what it may be at most, and outlines it', () => {
    const life = strip(
      points,
      { label: 'life', unit: '', top: 0, height: 130, fromZero: true },
      (p) => p.life.likely,
      WIDTH,
      (p) => p.life,
    )
    expect(life.most).toBeCloseTo(1.3)
    expect(life.y(1.3)).toBe(0)
    expect(life.band.split('L')).toHaveLength(6)
    expect(life.band).toMatch(/Z$/)
  })

  it('labels a strip that falls on the right', () => {
    const what = { label: '', unit: '', top: 0, height: 100, fromZero: true }
    const falling = strip(points, what, (p) => Math.max(0, p.endPlay.millimetres), WIDTH)
    const rising = strip(points, what, (p) => 1 - p.endPlay.millimetres, WIDTH)
    expect(falling.falls).toBe(true)
    expect(strip(points, what, (p) => p.life.likely, WIDTH).falls).toBe(false)
    expect(rising.y(1)).toBeGreaterThan(rising.y(1.1))
  })
})
