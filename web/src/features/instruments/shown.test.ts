import { describe, expect, it } from 'vitest'
import type { Paired } from './instruments.svelte'
import { display, stateWords } from './shown'

describe('what an instrument shows', () => {
  it.each([
    [0.0762, 0.002, '0.076'],
    [67.84, 0.1, '67.8'],
    [-0.5, 0.01, '−0.50'],
    [14, 0.5, '14.0'],
    [120, 1, '120'],
  ])('writes %d resolved to %d as %s', (value, resolution, text) => {
    expect(display(value, resolution)).toBe(text)
  })

  it('says how the line stands', () => {
    expect(stateWords(null)).toContain('looking')
    expect(stateWords({ state: 'LIVE', steady: true } as Paired)).toBe('stands still')
    expect(stateWords({ state: 'LIVE', steady: false } as Paired)).toBe('moves')
    expect(stateWords({ state: 'LOST', steady: false } as Paired)).toContain('tried again')
    expect(stateWords({ state: 'SILENT', steady: false } as Paired)).toBe('sends no reading')
  })
})
