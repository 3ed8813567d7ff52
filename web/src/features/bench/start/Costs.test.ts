import { render, screen } from '@testing-library/svelte'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import Costs from './Costs.svelte'

const job = (over: Partial<Schemas['JobCostView']>): Schemas['JobCostView'] => ({
  scope: 'REPACK',
  scopeWords: 'inspect and repack',
  parts: 6,
  consumables: 2,
  labour: 60,
  total: 68,
  whole: true,
  unpriced: [],
  minutes: 60,
  fromPastJobs: 0,
  lines: [{ use: 'PART', what: 'seal', price: 6 }],
  missing: [],
  ...over,
})
const show = (costs: Schemas['JobCostsView']): void => {
  render(Costs, { costs, scope: 'REPACK', days: 2, onwait: () => {} })
}

describe('what a job costs', () => {
  it('says that a total is at least so much where something has no price', () => {
    show({ jobs: [job({ whole: false, unpriced: ['cap'] })], hour: 60, standing: 36 })
    expect(screen.getByText(/≥ 68.00/)).toBeTruthy()
    expect(screen.getByText(/Without a price: cap/)).toBeTruthy()
  })

  it('counts the wait only where a part is missing', () => {
    show({ jobs: [job({ missing: ['seal'] })], hour: 60, standing: 36 })
    expect(screen.getByText('36.00')).toBeTruthy()
  })

  it('says that nothing is waited for where every part is here', () => {
    show({ jobs: [job({})], hour: 60, standing: 36 })
    expect(screen.getByText(/Every part is here/)).toBeTruthy()
    expect(screen.queryByText('36.00')).toBeNull()
  })
})
