import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { moveNow } from './move'

const felt = {
  id: 'nut.felt',
  what: 'A mechanic feels the setting',
  cautions: [],
  checks: [{ id: 'felt', says: 'felt', must: true, meaning: 'PLAIN' }],
  byMechanic: true,
} as unknown as Schemas['BenchStepView']
const job = {
  state: 'OPEN',
  round: { behind: [], hubs: [] },
  walk: { now: felt },
  closing: { settingRecorded: true },
} as unknown as Schemas['JobView']
const bench = {
  job,
  leaving: false,
  step: felt,
  run: null,
  item: null,
  judging: null,
  cautionMet: () => true,
}
const run = { stop: 'MUST', steps: [felt] } as unknown as Schemas['RunView']

describe('a step that is a mechanic’s word', () => {
  it.each([null, run])('has an apprentice fetch one, at either pace', (inHand) => {
    expect(moveNow({ ...bench, run: inHand }, false)).toEqual({ does: 'mechanic', step: felt })
  })

  it('is ticked by a mechanic', () => {
    expect(moveNow(bench, true).does).toBe('finish')
    expect(moveNow({ ...bench, run }, true)).toEqual({ does: 'run', run })
  })
})
