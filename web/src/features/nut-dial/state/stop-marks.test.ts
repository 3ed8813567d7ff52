import { describe, expect, it } from 'vitest'
import { boardCase, stop } from '$testing/answers'
import { stopMarks } from './stop-marks'

describe('marks round the rim', () => {
  it('draws whole what must be chosen or feared, and dots beyond', () => {
    const marks = stopMarks(boardCase.stops, 1)
    expect(marks.map((mark) => mark.whole)).toEqual([true, true, true, false])
    expect(marks.map((mark) => mark.shape)).toEqual(['never', 'good', 'outside', 'outside'])
  })

  it('moves marks apart that would cover each other', () => {
    const close = [stop(2, 0.01, 'TOO_TIGHT'), stop(8, 0.04, 'INSIDE'), stop(14, 0.07, 'INSIDE')]
    expect(stopMarks(close, 1).map((mark) => mark.tier)).toEqual([0, 1, 0])
  })

  it('leaves out what lies far round', () => {
    expect(stopMarks([stop(17, 0.08, 'INSIDE'), stop(320, 1.6, 'TOO_LOOSE')], 0)).toHaveLength(1)
  })

  it('draws a chosen loose stop whole', () => {
    expect(stopMarks(boardCase.stops, 3).at(3)?.whole).toBe(true)
  })
})
