import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { isSequence, Sequence } from './sequence.svelte'

const guide = {
  procedure: 'INCH_POUND',
  label: 'Inch-pound',
  steps: [{ at: 'SEAT', hubTurns: 5, steps: [] }],
  cups: [],
  choices: [],
}

describe('the sequence on the bench', () => {
  it('knows which steps it belongs to', () => {
    expect(isSequence('SEAT')).toBe(true)
    expect(isSequence('CAVITY')).toBe(false)
  })

  it('is fetched once and finds what is done at a step', async () => {
    const asked = answerWith(() => json(guide))
    const sequence = new Sequence('j')
    await sequence.load()
    await sequence.load()
    expect(asked.filter((one) => one.path === '/api/v1/jobs/j/sequence')).toHaveLength(1)
    expect(sequence.at('SEAT')?.hubTurns).toBe(5)
    expect(sequence.at('RELEASE')).toBeNull()
  })

  it('has a torque judged, and nothing else', async () => {
    const asked = answerWith(() => json({ decision: 'INSIDE', words: 'inside' }))
    const sequence = new Sequence('j')
    await sequence.sense([{ kind: 'HUB_TURNS', number: 4, unit: 'TURN' }])
    expect(asked).toHaveLength(0)
    await sequence.sense([{ kind: 'FINAL_TORQUE', number: 20, unit: 'POUND_FORCE_INCH' }])
    expect(asked[0]?.path).toBe('/api/v1/jobs/j/torque')
    expect(sequence.torque?.decision).toBe('INSIDE')
    await sequence.sense(null)
    expect(sequence.torque).toBeNull()
  })
})
