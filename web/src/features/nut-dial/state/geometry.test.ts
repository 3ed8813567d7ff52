import { describe, expect, it } from 'vitest'
import {
  angleOf,
  isStepped,
  marksOf,
  point,
  sector,
  slotCount,
  withinOneSlot,
  type Lock,
} from './geometry'

const castle: Lock = { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0, 90] }

describe('the face of the dial', () => {
  it('counts looser anticlockwise on a right-hand thread and clockwise on a left-hand one', () => {
    expect(point(100, 90, 'RIGHT').x).toBeCloseTo(-100)
    expect(point(100, 90, 'LEFT').x).toBeCloseTo(100)
    expect(point(100, 0, 'LEFT').y).toBeCloseTo(-100)
  })

  it.each(['RIGHT', 'LEFT'] as const)('reads back the angle of a point, %s-hand', (hand) => {
    for (const degrees of [-170, -45, 0, 17, 90, 179]) {
      const { x, y } = point(80, degrees, hand)
      expect(angleOf(x, y, hand)).toBeCloseTo(degrees)
    }
  })

  it('draws a sector over the longer way when it is more than half a turn', () => {
    expect(sector(10, 20, 0, 200, 'RIGHT')).toContain('A20 20 0 1 0')
    expect(sector(10, 20, 0, 100, 'RIGHT')).toContain('A20 20 0 0 0')
    expect(sector(10, 20, 0, 100, 'LEFT')).toContain('A20 20 0 0 1')
  })

  it('keeps the nut within half a slot of where it looks the same', () => {
    expect(withinOneSlot(47, castle)).toBe(-13)
    expect(withinOneSlot(-13, castle)).toBe(-13)
    expect(withinOneSlot(30, castle)).toBe(30)
    expect(withinOneSlot(-360, castle)).toBe(0)
    expect(
      withinOneSlot(10, { kind: 'LOCK_PLATE', plateHoles: 15, ringHoles: 12, screws: 3 }),
    ).toBe(10)
  })

  it('knows what turns and what stands still on each lock', () => {
    expect(slotCount({ kind: 'SEATED_RETAINER', slots: 8, seats: 6, marksDegrees: [0] })).toBe(8)
    expect(slotCount({ kind: 'TANG_WASHER', flats: 12, marksDegrees: [15] })).toBe(12)
    expect(slotCount({ kind: 'STAKED_COLLAR' })).toBe(1)
    expect(marksOf(castle)).toEqual([0, 90])
    expect(marksOf({ kind: 'TWO_NUTS' })).toEqual([0])
    expect(isStepped(castle)).toBe(true)
    expect(isStepped({ kind: 'TWO_NUTS' })).toBe(false)
  })
})
