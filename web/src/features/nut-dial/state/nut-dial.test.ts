import { describe, expect, it } from 'vitest'
import { answerWith, boardCase, json, length } from '$testing/answers'
import { NutDial, type Hub } from './nut-dial.svelte'

const hub: Hub = {
  thread: { threadsPerInch: 14, nominalDiameterMillimetres: 25.4, hand: 'RIGHT' },
  lock: { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0, 90] },
  figures: [],
  procedure: 'SEAT_AND_FINGER_TIGHT',
}

interface Asked {
  reading: { mark: number; looserDegrees: number; endPlay?: { number: number; unit: string } }
  finalTorque?: unknown
  backOffDegrees?: number
}

const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 5))

describe('the nut on the dial', () => {
  it('gives no advice before the drawn nut stands as the real one does', async () => {
    answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    await settled()
    expect(dial.matched).toBe(false)
    expect(dial.stops).toEqual([])
    expect(dial.target).toBeNull()

    dial.setUp({ ...hub, procedure: 'INCH_POUND' })
    expect(dial.matched).toBe(false)
    dial.typeSlot('0') // a slot that meets the hole is as good a reading as any
    expect(dial.matched).toBe(true)
  })

  it('asks the server where the nut may stop, and advises what it answers', async () => {
    const seen = answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    dial.turnTo(-13)
    await settled()

    expect(seen[0]?.path).toBe('/api/v1/nut-calculations')
    expect(dial.chosen?.backOffDegrees).toBe(17)
    expect(dial.target).toBe(17)
  })

  it('tells the same standing nut from either hole', async () => {
    const seen = answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    dial.lookAt(2)
    dial.typeSlot('17')
    await settled()

    expect((seen.at(-1)?.body as Asked).reading).toEqual({ mark: 1, looserDegrees: -13 })
    dial.lookAt(1)
    expect(dial.slotText).toBe('-13')
  })

  it('asks only for the latest of many turns', async () => {
    const seen = answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    for (let i = 0; i < 20; i++) dial.turnBy(1)
    await settled()

    expect(seen).toHaveLength(2) // the first, and the last of the twenty
    expect((seen[1]?.body as Asked).reading.looserDegrees).toBe(-20)
  })

  it('keeps the nut where it is while something else than a number is typed', async () => {
    answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    dial.typeSlot('17')
    dial.typeSlot('17x')
    await settled()

    expect(dial.nutDegrees).toBe(-17)
    expect(dial.slotError).toBe('A plain number, such as 17')
  })

  it('walks through the stops and back to the advice when the nut is turned', async () => {
    answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    dial.turnTo(-13)
    await settled()
    dial.step(1)
    expect(dial.chosen?.backOffDegrees).toBe(47)
    dial.step(-1)
    dial.step(-1)
    expect(dial.chosen?.verdict).toBe('PRELOAD')
    dial.turnBy(1)
    expect(dial.chosen?.backOffDegrees).toBe(17)
  })

  it('does not turn once it is backed off', async () => {
    answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    dial.turnTo(-13)
    await settled()
    dial.backedOff = true
    dial.turnBy(5)
    dial.pick(2)

    expect(dial.nutDegrees).toBe(-13)
    expect(dial.chosen?.backOffDegrees).toBe(17)
  })

  it('turns the back-off itself on a lock that holds anywhere', async () => {
    const any = { kind: 'ANY_ANGLE', remedies: [], suggestedDegrees: 15.12, measureAgain: true }
    const chosen = { backOffDegrees: 15.12, endPlay: length(0.076), verdict: 'INSIDE' }
    const seen = answerWith(() => json({ ...boardCase, stops: [], advice: any, chosen }))
    const dial = new NutDial({ ...hub, lock: { kind: 'TWO_NUTS' } })
    await settled()
    expect(dial.target).toBe(15.12)
    dial.turnBy(3)
    await settled()

    expect(dial.target).toBe(18.1)
    expect((seen.at(-1)?.body as Asked).backOffDegrees).toBe(18.1)
  })

  it('sends a measured end play and a final torque with their units', async () => {
    const seen = answerWith(() => json(boardCase))
    const dial = new NutDial(hub)
    dial.endPlayHere = { text: '0,05', unit: 'MILLIMETRE' }
    dial.finalTorque = { text: '20', unit: 'POUND_FORCE_FOOT' }
    dial.changed()
    await settled()

    const asked = seen.at(-1)?.body as Asked
    expect(asked.reading.endPlay).toEqual({ number: 0.05, unit: 'MILLIMETRE' })
    expect(asked.finalTorque).toEqual({ number: 20, unit: 'POUND_FORCE_FOOT' })
  })

  it('says when the server does not answer, and keeps what was entered', async () => {
    answerWith(() => Promise.reject(new TypeError('refused')))
    const dial = new NutDial(hub)
    dial.typeSlot('17')
    await settled()

    expect(dial.calculator.problem?.title).toBe('No answer')
    expect(dial.slotText).toBe('17')
  })
})
