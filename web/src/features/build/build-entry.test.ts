import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { BuildEntry } from './build-entry.svelte'

const build: Schemas['BuildForm'] = {
  since: '2024-01-01',
  construction: 'STEPPED_BRAKED',
  thread: {
    designation: '1-14 UNS',
    pitchMillimetres: 1.8142857,
    nominalDiameterMillimetres: 25.4,
    hand: 'RIGHT',
  },
  lock: { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0, 90] },
  procedure: 'INCH_POUND',
  seal: 'LIP',
  cap: 'PLAIN',
  brake: 'DRUM',
  cavity: 'FULL',
  washer: 'FLAT',
  dimensions: [{ dimension: 'SEAL_LAND', length: { number: 43.600000001, unit: 'MILLIMETRE' } }],
}

describe('an entry of what a wheel end is made of', () => {
  it('sends a size nobody touched as it was, not as it was shown', () => {
    const entry = new BuildEntry(build)
    expect(entry.sizes.SEAL_LAND).toBe('43.6')
    expect(entry.toForm().dimensions).toEqual(build.dimensions)
  })

  it('sends what was typed in the unit chosen, and leaves out what was cleared', () => {
    const entry = new BuildEntry({ ...build, dimensions: [] })
    entry.setUnit('INCH')
    entry.sizes.INBOARD_SEAT = '1,3775'
    entry.sizes.SEAL_LAND = ' '
    entry.sizes.STUD_CIRCLE = 'about 4'
    expect(entry.toForm().dimensions).toEqual([
      { dimension: 'INBOARD_SEAT', length: { number: 1.3775, unit: 'INCH' } },
    ])
    expect(entry.badSize('STUD_CIRCLE')).not.toBe('')
    expect(entry.badSize('SEAL_LAND')).toBe('')
  })

  it('knows its lock among the usual ones, or keeps it as it is', () => {
    expect(new BuildEntry(build).lockId).toBe('castle-two')
    const odd = new BuildEntry({
      ...build,
      lock: { kind: 'CASTLE_NUT', slots: 8, marksDegrees: [0] },
    })
    expect(odd.lockId).toBe('as-is')
    odd.setLock('staked')
    expect(odd.toForm().lock).toEqual({ kind: 'STAKED_COLLAR' })
  })
})
