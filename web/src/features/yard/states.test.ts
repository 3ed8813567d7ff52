import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { reason, states, which } from './states'

const end = (
  position: string,
  more: Partial<Schemas['StandingView']> = {},
): Schemas['StandingView'] => ({
  id: position,
  intervalAuthority: 'COMMON_PRACTICE',
  dueBy: 'every 12 months',
  intervalSource: 'common practice',
  position,
  axle: position.split(' ').slice(0, -1).join(' '),
  side: position.endsWith('left') ? 'LEFT' : 'RIGHT',
  state: 'FINE',
  stateWords: 'nothing to do yet',
  ...more,
})

describe('the yard’s words', () => {
  it('says pairs as the trade does', () => {
    expect(which([end('front left'), end('front right')], 4)).toBe('front pair')
    expect(which([end('left'), end('right')], 2)).toBe('both wheels')
    expect(which([end('front right'), end('rear left'), end('rear right')], 4)).toBe(
      'front right and rear pair',
    )
    expect(which([end('left')], 2)).toBe('left')
  })

  it('counts from the wheel end that is due first', () => {
    expect(
      reason('OVERDUE', [end('left', { daysLeft: -3 }), end('right', { daysLeft: -47 })]),
    ).toContain('47 days past')
    expect(
      reason('DUE_SOON', [end('left', { daysLeft: 21 }), end('right', { daysLeft: 30 })]),
    ).toBe('Due in 21 days by common practice: inspect and set again.')
    expect(
      reason('DUE_SOON', [end('left', { daysLeft: 0, dueWords: 're-torque the wheel nuts' })]),
    ).toBe('Due today by common practice: re-torque the wheel nuts.')
  })

  it('says of a hub what is said of it everywhere', () => {
    const stateWords = 'its last setting is outside its window: open it before it goes out'
    expect(
      reason('OUTSIDE_WINDOW', [
        end('right'),
        end('left', { state: 'OUTSIDE_WINDOW', stateWords }),
      ]),
    ).toBe('Its last setting is outside its window: open it before it goes out.')
  })

  it('gives every state a shape and a word of its own', () => {
    const all = Object.values(states)
    expect(new Set(all.map((state) => state.shape)).size).toBe(all.length)
    expect(new Set(all.map((state) => state.word)).size).toBe(all.length)
  })
})
