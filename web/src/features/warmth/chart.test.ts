import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { axles, span, StopScale } from './chart'

const hub = (name: string, ...at: string[]): Schemas['HubWarmthView'] => ({
  wheelEndId: name,
  name,
  axle: name.split(' ').slice(0, -1).join(' '),
  readings: at.map((one, i) => ({
    at: one,
    touch: 'COOL',
    about: 30 + i,
    alarm: 'FINE',
  })),
})

describe('the chart of hub temperatures', () => {
  it('lays sides of an axle together', () => {
    const found = axles(['front left', 'front right', 'rear left'].map((name) => hub(name)))
    expect(found.map((axle) => [axle.name, axle.hubs.length])).toEqual([
      ['front', 2],
      ['rear', 1],
    ])
    expect(axles([hub('left'), hub('right')])).toHaveLength(1)
  })

  it('gives every stop the same room', () => {
    const stops = [
      hub('left', '2026-01-01T10:00:00Z', '2026-01-01T12:00:00Z', '2026-06-01T10:00:00Z'),
      hub('right', '2026-01-01T10:00:00Z'),
    ]
    const scale = new StopScale(stops, 100, 300)
    expect(scale.count).toBe(3)
    expect(scale.x('2026-01-01T10:00:00Z')).toBe(150)
    expect(scale.x('2026-06-01T10:00:00Z')).toBe(350)
    expect(scale.days().map((day) => day.x)).toEqual([150, 350])
  })

  it('always shows where it gets hot', () => {
    expect(span([hub('left', '2026-01-01T10:00:00Z')])).toEqual({ least: 10, most: 100 })
  })
})
