import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { at, placeOf, statusOf } from './fitted'

const part = (more: Partial<Schemas['PartView']>): Schemas['PartView'] => ({
  id: 'p',
  place: 'INBOARD_BEARING',
  placeWords: 'inboard bearing',
  words: 'A/B',
  designation: 'A',
  cupDesignation: 'B',
  gradeNote: '',
  batch: '',
  condition: 'REUSED',
  onFile: true,
  ...more,
})
const today = new Date('2026-06-01T12:00:00Z')

describe('what is fitted', () => {
  it('tells what is there now from what was there before', () => {
    const parts = [part({ id: 'new' }), part({ id: 'old', removedOn: '2026-01-01' })]
    expect(at(parts, 'INBOARD_BEARING').now?.id).toBe('new')
    expect(at(parts, 'INBOARD_BEARING').before.map((one) => one.id)).toEqual(['old'])
    expect(at(parts, 'SEAL').now).toBeNull()
  })

  it('draws cone and cup of one set alike', () => {
    const status = statusOf([part({ condition: 'NEW', fittedOn: '2026-05-20' })], today)
    expect(status).toEqual({ INBOARD_CONE: 'new', INBOARD_CUP: 'new' })
  })

  it('draws what was taken off as gone, and what ran a while as itself', () => {
    expect(statusOf([part({ removedOn: '2026-05-30' })], today).INBOARD_CONE).toBe('absent')
    expect(statusOf([part({ condition: 'NEW', fittedOn: '2026-04-01' })], today)).toEqual({})
    expect(statusOf([], today)).toEqual({})
  })

  it('knows no place for what is not kept track of', () => {
    expect(placeOf('OUTBOARD_CUP')).toBe('OUTBOARD_BEARING')
    expect(placeOf('HUB')).toBeNull()
  })
})
