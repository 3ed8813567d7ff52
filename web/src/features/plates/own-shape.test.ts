import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { ownShape } from './own-shape'

const part = (name: Schemas['SectionPartView']['name']): Schemas['SectionPartView'] => ({
  name,
  words: name.toLowerCase(),
  assumed: false,
  outlines: [],
})
const section = {
  parts: [part('HUB'), part('SEAL')],
} as unknown as Schemas['SectionView']
const step = (drawn: string[]): Schemas['BenchStepView'] =>
  ({ moves: [{ part: 'SEAL', words: 'seal', kind: 'FIT', drawn }] }) as never

describe('the own shape of a step', () => {
  it('is what the section draws of the part in hand', () => {
    expect(ownShape(step(['SEAL']), section)).toEqual({
      section,
      parts: ['SEAL'],
      title: 'On this hub: seal',
    })
  })

  it('is left out where the section does not draw it, or nothing is moved', () => {
    expect(ownShape(step(['WHEEL']), section)).toBeNull()
    expect(ownShape({ moves: [] } as never, section)).toBeNull()
    expect(ownShape(step(['SEAL']), null)).toBeNull()
  })
})
