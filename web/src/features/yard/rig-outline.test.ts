import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { planOf } from './rig-outline'

const kinds: Schemas['YardRigView']['kind'][] = [
  'UTILITY_TRAILER',
  'BOAT_TRAILER',
  'CAMPER',
  'HORSE_TRAILER',
  'WORK_TRAILER',
  'CLASSIC_CAR',
  'LIGHT_TRUCK',
  'FOUR_WHEEL_DRIVE',
  'HEAVY_TRAILER',
]

const rig = (
  kind: Schemas['YardRigView']['kind'],
  drawbarMillimetres: number,
): Schemas['YardRigView'] => ({
  id: 'r',
  yardNumber: 1,
  ownerName: '',
  kind,
  name: 'Test rig',
  plate: 'OT 000-T',
  lengthMillimetres: 4000,
  widthMillimetres: 1800,
  drawbarMillimetres,
  axles: [],
})

describe('a rig in plan', () => {
  it.each(kinds)('is drawn for every kind: %s', (kind) => {
    const lines = planOf(rig(kind, 1200))
    expect(lines.some((line) => line.weight === 'cut')).toBe(true)
    expect(lines.every((line) => line.d.startsWith('M') && !line.d.includes('NaN'))).toBe(true)
  })

  it('has a drawbar only where one is coupled', () => {
    expect(planOf(rig('CAMPER', 1200)).length).toBeGreaterThan(planOf(rig('CAMPER', 0)).length)
  })

  it('differs between kinds', () => {
    const drawn = kinds.map((kind) =>
      planOf(rig(kind, 1200))
        .map((line) => line.d)
        .join(),
    )
    // utility and work trailers, cars and trucks: each has its own outline
    expect(new Set(drawn).size).toBe(kinds.length)
  })
})
