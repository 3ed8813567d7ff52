import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { length } from '$testing/answers'
import { chartOf, leftWith } from './chart'

const setting = (
  setAt: string,
  millimetres: number,
  measured?: number,
): Schemas['NutSettingView'] => ({
  id: setAt,
  setAt,
  setBy: 'Tobe',
  awaitsSignOff: false,
  procedure: 'SEAT_AND_FINGER_TIGHT',
  threadDesignation: '1-14 UNS',
  lockWords: 'castle nut, 6 slots, one hole',
  mark: 1,
  looserDegrees: 17,
  backOffDegrees: 17,
  engagedMarks: [1],
  endPlay: length(millimetres),
  ...(measured === undefined ? {} : { measuredEndPlay: length(measured) }),
  verdict: 'INSIDE',
  windowLeast: length(0.0254),
  windowMost: length(0.127),
  windowAuthority: 'COMMON_PRACTICE',
  windowSource: 'common practice',
  note: '',
  certain: true,
})

describe('settings over time', () => {
  const today = new Date('2026-05-14T10:00:00Z')
  const latestFirst = [
    setting('2026-02-01T10:00:00Z', 0.09, 0.1),
    setting('2025-02-01T10:00:00Z', 0.05),
  ]
  const chart = chartOf(latestFirst, today, 500, 200)

  it('trusts the measured end play over the worked-out one', () => {
    expect(leftWith(latestFirst[0] as Schemas['NutSettingView']).millimetres).toBe(0.1)
  })

  it('runs from the oldest on the left to today on the right, loose up', () => {
    const [older, newer] = chart.points
    expect(older?.x).toBeLessThan(newer?.x ?? 0)
    expect(newer?.y).toBeLessThan(older?.y ?? 0)
    expect(newer?.x).toBeLessThan(500)
  })

  it('carries each setting’s window until the next one', () => {
    expect(chart.windows).toHaveLength(2)
    expect((chart.windows[0]?.x ?? 0) + (chart.windows[0]?.width ?? 0)).toBeCloseTo(
      chart.windows[1]?.x ?? 0,
    )
    expect(chart.windows[0]?.height).toBeGreaterThan(0)
  })

  it('starts its scale at zero play', () => {
    expect(chart.ticks[0]).toEqual({ millimetres: 0, y: 200 })
    expect(chart.ticks[2]?.millimetres).toBe(0.1)
  })
})
