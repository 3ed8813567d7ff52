import { describe, expect, it } from 'vitest'
import { km, road } from './road'
import type { Plan } from './trip-plan.svelte'

const leg = (kilometres: number): Plan['legs'][number] => ({
  to: '',
  on: '2026-07-01',
  km: kilometres,
  crossings: 0,
  dunkings: 0,
  noHelp: false,
})

const plan = (...legs: number[]): Plan =>
  ({ name: 'Round the coast', from: '2026-07-01', km: 700, legs: legs.map(leg) }) as unknown as Plan

describe('the road of a trip', () => {
  it('lays its legs end to end', () => {
    expect(road(plan(200, 300)).map(({ from, to }) => [from, to])).toEqual([
      [0, 200],
      [200, 500],
    ])
  })

  it('is one stretch where no legs are told', () => {
    expect(road(plan())).toMatchObject([{ from: 0, to: 700, leg: { to: 'Round the coast' } }])
  })

  it('says whole kilometres', () => {
    expect(km(1234.4)).toBe('1,234 km')
  })
})
