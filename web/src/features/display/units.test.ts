import { beforeEach, describe, expect, it } from 'vitest'
import { length } from '$testing/answers'
import { away } from './format'
import {
  degrees,
  display,
  between,
  figure,
  leadingLength,
  leadingRange,
  millimetres,
  otherLength,
  otherRange,
  thousandths,
} from './units.svelte'

describe('figures on screen', () => {
  beforeEach(() => {
    display.leading = 'metric'
    display.theme = 'light'
  })

  it('shows a length to a thousandth of a millimetre and a tenth of a thou', () => {
    expect(millimetres(length(0.085675))).toBe('0.086 mm')
    expect(thousandths(length(0.085675))).toBe('3.4 thou')
    expect(millimetres(length(-0.1008))).toBe('−0.101 mm')
  })

  it('puts the chosen unit first, and remembers it', () => {
    expect(leadingLength(length(0.0254))).toBe('0.025 mm')
    display.swapUnits()
    expect(leadingLength(length(0.0254))).toBe('1.0 thou')
    expect(otherLength(length(0.0254))).toBe('0.025 mm')
    expect(localStorage.getItem('oldtallow.units')).toBe('inch')
  })

  it('says the unit of a range once', () => {
    expect(leadingRange(length(-0.0254), length(0.127))).toBe('−0.025 to 0.127 mm')
    expect(otherRange(length(-0.0254), length(0.127))).toBe('−1.0 to 5.0 thou')
  })

  it('shows angles to a tenth where they need it', () => {
    expect(degrees(17)).toBe('17°')
    expect(degrees(17.04)).toBe('17°')
    expect(degrees(-22.5)).toBe('−22.5°')
  })

  it('gives three significant digits', () => {
    expect(figure(67.7909)).toBe('67.8')
    expect(figure(0.564924)).toBe('0.565')
    expect(figure(600)).toBe('600')
    expect(figure(0)).toBe('0')
  })

  it('swaps day for lamp light on the page itself', () => {
    display.swapTheme()
    expect(document.documentElement.dataset['theme']).toBe('dark')
    expect(localStorage.getItem('oldtallow.theme')).toBe('dark')
  })

  it('shows a range as one, and once where it rounds to one', () => {
    expect(between({ least: 148, most: 203 }, 10)).toBe('150 to 200')
    expect(between({ least: 6.6, most: 7.3 })).toBe('7')
    expect(between({ least: 0.1, most: 0.4 })).toBe('under 1')
    expect(between({ least: 0.2, most: 3 })).toBe('0 to 3')
  })

  it('says how far away something is', () => {
    expect(away(0)).toBe('today')
    expect(away(1)).toBe('in 1 day')
    expect(away(-12)).toBe('12 days late')
    expect(away(100)).toBe('in 3 months')
    expect(away(-800)).toBe('2 years late')
  })
})
