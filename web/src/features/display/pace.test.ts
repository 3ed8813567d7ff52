import { beforeEach, describe, expect, it } from 'vitest'
import { pace } from './pace.svelte'

describe('the pace', () => {
  beforeEach(() => localStorage.clear())

  it('is every move for an apprentice, runs for whoever knows the job', () => {
    pace.start({ id: 'wil', role: 'APPRENTICE' })
    expect(pace.byRuns).toBe(false)
    pace.start({ id: 'ines', role: 'OWNER' })
    expect(pace.byRuns).toBe(true)
    pace.start({ id: 'tobe', role: 'MECHANIC' })
    expect(pace.byRuns).toBe(true)
  })

  it('is what a person chose on this device, for that person alone', () => {
    pace.start({ id: 'tobe', role: 'MECHANIC' })
    pace.change()
    expect(pace.byRuns).toBe(false)
    pace.start({ id: 'ines', role: 'OWNER' })
    expect(pace.byRuns).toBe(true)
    pace.start({ id: 'tobe', role: 'MECHANIC' })
    expect(pace.byRuns).toBe(false)
  })
})
