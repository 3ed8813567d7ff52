import { describe, expect, it } from 'vitest'
import type { Drawing } from './drawing'
import { drawings } from './drawings'

describe('where to put the calliper', () => {
  it.each(Object.entries(drawings as Record<string, Drawing>))(
    '%s stays in its frame',
    (_, one) => {
      for (const size of one.sizes) {
        for (const [x, y] of [size.from, size.to, size.at ?? size.from]) {
          expect(x).toBeGreaterThanOrEqual(0)
          expect(x).toBeLessThanOrEqual(310)
          expect(y).toBeGreaterThanOrEqual(2)
          expect(y).toBeLessThanOrEqual(198)
        }
      }
      expect(one.alt).toMatch(/\.$/)
      expect(new Set(one.sizes.map(({ key }) => key)).size).toBe(one.sizes.length)
    },
  )

  it('lays no two lines on each other', () => {
    for (const { sizes } of Object.values(drawings as Record<string, Drawing>)) {
      const lines = sizes.map(({ from, to }) => [...from, ...to].join(' '))
      expect(new Set(lines).size).toBe(lines.length)
    }
  })
})
