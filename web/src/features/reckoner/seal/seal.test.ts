import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { Cap, Seal } from './seal.svelte'

describe('a seal by its size', () => {
  it('asks once land and bore are numbers, and sends the width only where it is one', async () => {
    const asked = answerWith(() => json({ standard: [], onShelf: [] }))
    const seal = new Seal()
    seal.land = '45'
    await seal.ask('MILLIMETRE')
    seal.bore = '6x'
    await seal.ask('MILLIMETRE')
    expect(asked).toHaveLength(0)
    seal.bore = '62,0'
    await seal.ask('MILLIMETRE')
    expect(asked[0]?.body).toMatchObject({
      land: { number: 45, unit: 'MILLIMETRE' },
      bore: { number: 62, unit: 'MILLIMETRE' },
    })
    expect(asked[0]?.body).not.toHaveProperty('width')
  })

  it('keeps what was typed and drops the answer when it is refused', async () => {
    answerWith(() =>
      json({ errors: [{ field: 'bore.number', remedy: 'must be more than the shaft' }] }, 422),
    )
    const seal = new Seal()
    seal.land = '62'
    seal.bore = '45'
    await seal.ask('MILLIMETRE')
    expect(seal.found).toBeNull()
    expect(seal.land).toBe('62')
    expect(seal.fieldError('bore.number')).toContain('more than the shaft')
  })

  it('asks for a cap by its bore alone', async () => {
    const asked = answerWith(() => json({}))
    const cap = new Cap()
    cap.bore = '50.2'
    await cap.ask('MILLIMETRE')
    expect(asked[0]?.body).not.toHaveProperty('cap')
  })
})
