import { describe, expect, it } from 'vitest'
import { FigureDraft } from './figure-entry.svelte'
import { valueWords } from './words'

const length = (millimetres: number) => ({ millimetres, thousandths: millimetres / 0.0254 })

describe('a figure', () => {
  it('is said in both units', () => {
    expect(valueWords({ form: 'END_PLAY', least: length(0.0254), most: length(0.127) })).toEqual({
      main: '0.025 to 0.127 mm',
      other: '1.0 to 5.0 thou',
    })
    const rules = [
      { action: 'REPACK', trigger: 'MONTHS', number: 1, words: 'repack every month' },
      { action: 'REPACK', trigger: 'KILOMETRES', number: 12000, words: 'repack every 12,000 km' },
    ] as const
    expect(valueWords({ form: 'RULES', rules: [...rules] })).toEqual({
      main: 'repack every month',
      other: 'or repack every 12,000 km',
    })
  })

  it('sends only what was typed, so that the server names what is missing', () => {
    const draft = new FigureDraft()
    draft.source = 'manual'
    draft.least = '0'
    draft.most = 'soon'
    expect(draft.toEntry(3)).toEqual({
      kind: 'END_PLAY',
      authority: 'MAKER',
      source: 'manual',
      version: 3,
      least: { number: 0, unit: 'MILLIMETRE' },
    })
  })

  it('sends rules with what was typed of them', () => {
    const draft = new FigureDraft()
    draft.kind = 'INTERVAL'
    draft.rules = [
      { key: 'a', action: 'REPACK', trigger: 'MONTHS', number: '12' },
      { key: 'b', action: 'INSPECT', trigger: 'DUNKINGS', number: '' },
    ]
    expect(draft.toEntry(0).rules).toEqual([
      { action: 'REPACK', trigger: 'MONTHS', number: 12 },
      { action: 'INSPECT', trigger: 'DUNKINGS' },
    ])
  })

  it('starts from one on file', () => {
    const draft = new FigureDraft()
    draft.take({
      id: 'f',
      version: 2,
      scope: 'RIG',
      placeId: 'r',
      kind: 'WHEEL_NUT_TORQUE',
      authority: 'WORKSHOP',
      source: 'ours',
      value: {
        form: 'TORQUE',
        least: { newtonMetres: 100, poundForceFeet: 73.76, poundForceInches: 885 },
        most: { newtonMetres: 110, poundForceFeet: 81.13, poundForceInches: 974 },
      },
    })
    expect(draft.toEntry(2)).toMatchObject({
      leastTorque: { number: 100, unit: 'NEWTON_METRE' },
      mostTorque: { number: 110, unit: 'NEWTON_METRE' },
    })
  })
})
