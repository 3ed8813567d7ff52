import { beforeEach, describe, expect, it } from 'vitest'
import { Readings } from './readings.svelte'

const rock = {
  kind: 'ROCK' as const,
  words: 'rock at the tyre',
  units: [
    { unit: 'MILLIMETRE' as const, symbol: 'mm' },
    { unit: 'THOU' as const, symbol: 'thou' },
  ],
}

describe('readings by the big keys', () => {
  let readings: Readings
  beforeEach(() => {
    readings = new Readings()
    readings.start([rock])
  })

  it('types nowhere until a reading is open', () => {
    readings.type('3')
    expect(readings.forms()).toEqual([])
  })

  it('takes digits and one point, and deletes', () => {
    readings.next()
    for (const key of ['3', '.', '.', '2', '5', 'back']) readings.type(key)
    expect(readings.forms()).toEqual([{ kind: 'ROCK', number: 3.2, unit: 'MILLIMETRE' }])
  })

  it('goes through the units of its kind', () => {
    readings.next()
    readings.type('9')
    readings.swapUnit()
    expect(readings.forms()?.[0]?.unit).toBe('THOU')
    readings.swapUnit()
    expect(readings.forms()?.[0]?.unit).toBe('MILLIMETRE')
  })

  it('does not send what is no number', () => {
    readings.next()
    readings.type('.')
    expect(readings.forms()).toBeNull()
  })

  it('closes behind the last one', () => {
    readings.next()
    readings.next()
    expect(readings.current).toBeNull()
  })
})
