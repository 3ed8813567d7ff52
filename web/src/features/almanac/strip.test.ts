import { describe, expect, it } from 'vitest'
import { DayScale, monthLetter, monthsFrom, Scale, wordsWithRoom } from './strip'

const months = [
  { from: '2027-12-01', km: 0, expected: false },
  { from: '2028-01-01', km: 0, expected: false },
  { from: '2028-02-01', km: 0, expected: true },
]

describe('the strip of the almanac', () => {
  it('counts days and months over the end of a year', () => {
    expect(monthsFrom('2026-11-01', 3)).toEqual(['2026-11-01', '2026-12-01', '2027-01-01'])
    const year = new DayScale('2028-01-01', '2028-12-31', 366)
    expect(year.x('2028-03-01')).toBeCloseTo(60)
    expect(year.x('2027-05-01')).toBe(0)
  })

  it('runs from the first day of its first month to the last of its last, leap day included', () => {
    const scale = new Scale(months, 910)

    expect(scale.days).toBe(91)
    expect(scale.x('2027-12-01')).toBe(0)
    expect(scale.x('2028-02-29')).toBeCloseTo(900)
    expect(scale.holds('2028-03-02')).toBe(false)
  })

  it('words a mark only where its word covers no other mark and no word', () => {
    expect(wordsWithRoom([100, 300], 90, 800)).toEqual([true, true])
    expect(wordsWithRoom([100, 150], 90, 800)).toEqual([false, true])
    expect(wordsWithRoom([100, 100], 90, 800)).toEqual([true, false])
    // the second's word stands left of it, where the first's word is already
    expect(wordsWithRoom([640, 760], 90, 800)).toEqual([true, false])
  })

  it('stands what is outside at its edge', () => {
    const scale = new Scale(months, 910)

    expect(scale.x('2020-01-01')).toBe(0)
    expect(scale.x('2040-01-01')).toBe(910)
  })

  it('names its months', () => {
    expect(monthLetter('2028-02-01')).toBe('Feb')
  })
})
