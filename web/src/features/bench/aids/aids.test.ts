import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { Aids } from './aids.svelte'

const gap = { kind: 'GAP_AT_12', number: 0.1, unit: 'MILLIMETRE' } as const
const said = (words: string): Response =>
  json({ seated: { verdict: 'COCKED', words, highSide: '12' } })

describe('what the bench works out', () => {
  it('fetches a wheel end’s aids once', async () => {
    const asked = answerWith(() => json({ bearingsKnown: true }))
    const aids = new Aids('w')
    await aids.load()
    await aids.load()
    expect(asked.map((one) => one.path)).toEqual(['/api/v1/wheel-ends/w/aids'])
  })

  it('asks nothing while nothing is typed, and takes an old verdict back', async () => {
    const asked = answerWith(() => said('cocked'))
    const aids = new Aids('w')
    await aids.judge([gap])
    expect(aids.said?.seated?.words).toBe('cocked')
    await aids.judge([])
    expect(aids.said).toBeNull()
    expect(asked).toHaveLength(1)
  })

  it('forgets a verdict that comes after a later one', async () => {
    let late: (response: Response) => void = () => {}
    let first = true
    answerWith(() => {
      if (!first) return said('later')
      first = false
      return new Promise<Response>((answer) => (late = answer))
    })
    const aids = new Aids('w')
    const early = aids.judge([gap])
    await aids.judge([{ ...gap, number: 0.2 }])
    late(said('earlier'))
    await early
    expect(aids.said?.seated?.words).toBe('later')
  })
})
