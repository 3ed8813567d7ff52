import { describe, expect, it } from 'vitest'
import { rings } from '$features/bearing'
import { RigEntry } from './rig-entry.svelte'

describe('an entry of a rig', () => {
  it('leaves out what was not typed, and reads numbers with their blanks', () => {
    const entry = new RigEntry()
    entry.name = 'Camper'
    entry.yearlyKm = '12 000'
    expect(entry.toForm()).toMatchObject({
      name: 'Camper',
      distance: { by: 'ESTIMATE', yearlyKm: 12000 },
    })
    expect(entry.toForm()).not.toHaveProperty('builtIn')
    expect(entry.toForm().distance).not.toHaveProperty('readOn')
  })

  it('gives back what it was given', () => {
    const rig = {
      kind: 'CAMPER' as const,
      name: 'Camper',
      plate: 'OT 1',
      ownerName: 'Somebody',
      ownerContact: '',
      builtIn: 2001,
      uses: ['BRAKED' as const],
      distance: { by: 'HUB_METER' as const, km: 0, readOn: '2026-01-01' },
      lengthMillimetres: 4000,
      widthMillimetres: 2000,
      drawbarMillimetres: 0,
    }
    expect(new RigEntry(rig).toForm()).toEqual(rig)
  })

  it('reads cone and cup, and one number for both of a metric set', () => {
    expect(rings(' L68149/L68111 ')).toEqual({ cone: 'L68149', cup: 'L68111' })
    expect(rings('32007X')).toEqual({ cone: '32007X', cup: '32007X' })
    expect(rings('  ')).toBeNull()
  })
})
