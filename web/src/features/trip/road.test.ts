import { describe, expect, it } from 'vitest'
import { byLeg, km, labels, road } from './road'
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

  it('lays no name over another', () => {
    const legs = road(plan(10, 10, 980))
    const placed = labels(legs, (at) => at, 1000)
    expect(placed.map((label) => label.row)).toEqual([0, 1, 2])
    expect(labels(road(plan(400, 600)), (at) => at, 1000).map((label) => label.row)).toEqual([0, 0])
  })

  it('gathers stops by their leg', () => {
    const stop = (where: string, at: number): Plan['stops'][number] => ({
      km: at,
      on: '2026-07-01',
      where,
      why: 'fuel stop',
      done: false,
    })
    expect(
      byLeg([stop('leg 1', 15), stop('leg 1', 200), stop('leg 2', 300)]).map((leg) => [
        leg.where,
        leg.stops.length,
      ]),
    ).toEqual([
      ['leg 1', 2],
      ['leg 2', 1],
    ])
  })

  it('says whole kilometres', () => {
    expect(km(1234.4)).toBe('1,234 km')
  })
})
