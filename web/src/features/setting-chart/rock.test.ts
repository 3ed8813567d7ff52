import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { Rock } from './rock.svelte'

describe('rock at the tyre', () => {
  it('asks in the chart’s units, read by a rule unless said otherwise', async () => {
    const asked = answerWith(() => json({ words: 'above, for certain' }))
    const rock = new Rock('w')
    await rock.ask('330', true)
    expect(asked).toHaveLength(0)
    rock.rock = '2'
    await rock.ask('330', true)
    expect(asked[0]?.path).toBe('/api/v1/wheel-ends/w/rock')
    expect(asked[0]?.body).toEqual({
      rock: { number: 2, unit: 'MILLIMETRE' },
      readTo: { number: 0.5, unit: 'MILLIMETRE' },
      radius: { number: 330, unit: 'MILLIMETRE' },
    })
    rock.readTo = '1'
    await rock.ask('13', false)
    expect(asked[1]?.body).toMatchObject({
      readTo: { number: 1, unit: 'THOUSANDTH_INCH' },
      radius: { number: 13, unit: 'INCH' },
    })
    expect(rock.found?.words).toContain('above')
  })
})
