import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { Play } from './play.svelte'

const found = { decision: 'INSIDE', words: 'inside', better: [] }

describe('readings of the play', () => {
  it('adds what is typed and has the server judge all of it', async () => {
    const asked = answerWith(() => json(found))
    const play = new Play('w')
    play.typed = '0,08'
    play.add()
    await expect.poll(() => play.found?.words).toBe('inside')
    expect(play.typed).toBe('')
    expect(asked[0]?.path).toBe('/api/v1/wheel-ends/w/play-readings')
    expect(asked[0]?.body).toEqual({ readings: [{ number: 0.08, unit: 'MILLIMETRE' }] })
  })

  it('keeps what is no number where it was typed', () => {
    const play = new Play('w')
    play.typed = 'tight'
    play.add()
    expect(play.readings).toEqual([])
    expect(play.typed).toBe('tight')
  })

  it('sends the step of the instrument it was taken from, unless another is typed', async () => {
    const asked = answerWith(() => json(found))
    const play = new Play('w')
    play.take({
      number: 3,
      unit: 'THOU',
      symbol: 'thou',
      resolution: 0.1,
      kept: 0.0762,
      keptResolution: 0.00254,
    })
    await expect.poll(() => asked.length).toBe(1)
    expect(asked[0]?.body).toMatchObject({
      readings: [{ number: 0.0762, unit: 'MILLIMETRE' }],
      graduation: { number: 0.00254, unit: 'MILLIMETRE' },
    })
    play.graduation = '0.01'
    await play.judge()
    expect(asked[1]?.body).toMatchObject({ graduation: { number: 0.01 } })
  })

  it('says nothing once the last reading is taken away', async () => {
    answerWith(() => json(found))
    const play = new Play('w')
    play.typed = '0.08'
    play.add()
    await expect.poll(() => play.found).not.toBeNull()
    play.remove(0)
    expect(play.found).toBeNull()
    expect(play.form()).toBeNull()
  })
})
