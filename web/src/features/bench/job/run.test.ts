import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { kindsOf, mustHold, stepsOf } from './run'

type Step = Schemas['BenchStepView']
type Kind = Schemas['ReadingKindView']

const kind = (name: Kind['kind']): Kind => ({ kind: name, words: name, units: [] })
const check = (id: string, must: boolean): Schemas['CheckView'] => ({
  id,
  says: id,
  must,
  meaning: 'PLAIN',
  met: false,
  waived: false,
})
const step = (id: string, readings: Kind[], checks: Schemas['CheckView'][] = []): Step =>
  ({ id, readings, checks }) as unknown as Step

describe('a run', () => {
  const steps = [
    step('look.temperature', [kind('HUB_TEMPERATURE'), kind('OTHER_HUB_TEMPERATURE')]),
    step('prepare.odometer', [kind('ODOMETER')]),
    step('raise.jack', [], [check('stands', true), check('tidy', false)]),
  ]
  const run = { stop: 'MUST', steps } as unknown as Schemas['RunView']

  it('sends each number with the step that takes it', () => {
    const sent = stepsOf(
      run,
      [
        { kind: 'ODOMETER', number: 120400, unit: 'KILOMETRE' },
        { kind: 'HUB_TEMPERATURE', number: 31, unit: 'DEGREE_CELSIUS' },
      ],
      () => false,
    )

    expect(sent.map((one) => one.readings.map((reading) => reading.kind))).toEqual([
      ['HUB_TEMPERATURE'],
      ['ODOMETER'],
      [],
    ])
  })

  it('says of no check that it holds unless somebody did', () => {
    expect(stepsOf(run, [], (one) => one.must).at(-1)?.checksMet).toEqual(['stands'])
    expect(stepsOf(run, [], () => false).at(-1)?.checksMet).toEqual([])
  })

  it('says nothing of a check that was let go', () => {
    const letGo = { ...check('on stands', true), waived: true }

    expect(mustHold([...steps, step('raise.jack', [], [letGo, check('stands', true)])])).toEqual([
      'stands',
    ])
  })

  it('asks each kind of number once', () => {
    const twice = [...steps, step('prove.temperature', [kind('HUB_TEMPERATURE')])]

    expect(kindsOf(twice).map((one) => one.kind)).toEqual([
      'HUB_TEMPERATURE',
      'OTHER_HUB_TEMPERATURE',
      'ODOMETER',
    ])
  })
})
