import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { AfterDrive } from './after-drive.svelte'

const answer = { verdict: 'FINE', words: 'fine', oneSided: false, foundLoose: false, recheck: [] }

describe('after the drive', () => {
  it('asks once the hub is a number, in the unit of the chart', async () => {
    const asked = answerWith(() => json(answer))
    const after = new AfterDrive('w')
    await after.ask('20', true)
    expect(asked).toHaveLength(0)
    after.hub = '98'
    await after.ask('70', false)
    expect(asked[0]?.path).toBe('/api/v1/wheel-ends/w/after-drive')
    expect(asked[0]?.body).toMatchObject({
      hub: { number: 98, unit: 'FAHRENHEIT' },
      day: { number: 70, unit: 'FAHRENHEIT' },
      spin: 'NOT_TRIED',
    })
    expect(asked[0]?.body).not.toHaveProperty('otherSide')
    expect(after.found?.verdict).toBe('FINE')
  })

  it('drops an answer that no longer holds, and keeps what was typed', async () => {
    answerWith(() => json(answer))
    const after = new AfterDrive('w')
    after.hub = '40'
    await after.ask('20', true)
    answerWith(() => json({ errors: [{ field: 'hub.number', remedy: 'must be -40 to 400' }] }, 422))
    after.hub = '4000'
    await after.ask('20', true)
    expect(after.found).toBeNull()
    expect(after.hub).toBe('4000')
    expect(after.fieldError('hub.number')).toContain('400')
  })
})
