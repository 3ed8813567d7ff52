import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { ProcedureEntry } from './procedure-entry.svelte'

const torque = (newtonMetres: number) => ({
  newtonMetres,
  poundForceFeet: newtonMetres / 1.35582,
  poundForceInches: newtonMetres / 0.112985,
})
const inchPound = {
  id: 'INCH_POUND',
  label: 'Inch-pound',
  usedOn: 'cars',
  endsWith: 'near zero play',
  source: 'common practice',
  samePartsOnly: false,
  setsTheNut: true,
  steps: [
    {
      kind: 'SEAT',
      says: 'Seat it',
      hub: 'TURN_BOTH_WAYS',
      hubWords: 'hub turning both ways',
      hubTurns: 5,
      lookOutFor: 'a jump',
      torque: { least: torque(11.29848), most: torque(13.55818), orMore: false },
    },
  ],
} as const

describe('a sequence of the workshop’s own', () => {
  it('begins blank with the five kinds of step, and sends only those that say something', async () => {
    const sent = answerWith(() => json([]))
    const entry = ProcedureEntry.blank()
    expect(entry.steps.map((step) => step.kind)).toEqual([
      'SEAT',
      'RELEASE',
      'FINAL',
      'BACK_OFF_TO_STOP',
      'LOCK_AND_CHECK',
    ])
    const [first] = entry.steps
    if (first) Object.assign(first, { says: 'Pull it', least: '30', unit: 'POUND_FORCE_FOOT' })
    await entry.save()
    expect((sent[0]?.body as { steps: unknown[] }).steps).toEqual([
      {
        kind: 'SEAT',
        says: 'Pull it',
        hub: 'TURN_BOTH_WAYS',
        lookOutFor: '',
        torque: { least: 30, most: 30, unit: 'POUND_FORCE_FOOT' },
      },
    ])
  })

  it('copies another under a name of its own', () => {
    const entry = ProcedureEntry.copy({ ...inchPound, steps: [...inchPound.steps] })
    expect(entry.label).toBe('')
    expect(entry.version).toBe(0)
    expect(entry.steps[0]).toMatchObject({ least: '11.3', most: '13.6', unit: 'NEWTON_METRE' })
    expect(entry.steps[0]?.hubTurns).toBe('5')
  })

  it('keeps everything while the server refuses it', async () => {
    answerWith(() => json({ errors: [{ field: 'label', remedy: 'must be 1 to 60' }] }, 422))
    const entry = ProcedureEntry.blank()
    entry.source = 'manual, page 3'
    expect(await entry.save()).toBe(false)
    expect(entry.fieldError('label')).toContain('1 to 60')
    expect(entry.source).toBe('manual, page 3')
  })

  it('adds and takes out steps where they belong', () => {
    const entry = ProcedureEntry.blank()
    entry.add(0)
    expect(entry.steps.map((step) => step.kind).slice(0, 3)).toEqual(['SEAT', 'SEAT', 'RELEASE'])
    entry.remove(1)
    expect(entry.steps).toHaveLength(5)
  })
})
