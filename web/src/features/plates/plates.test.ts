import { describe, expect, it } from 'vitest'
import { plates } from './all'

describe('how-to plates', () => {
  it('say in words what they show, and stay inside their frame', () => {
    const all = Object.entries(plates)
    expect(all.length).toBeGreaterThanOrEqual(30)
    for (const [id, plate] of all) {
      expect(plate.alt.length, id).toBeGreaterThan(40)
      for (const word of plate.words ?? []) {
        // 14 px of a narrow face take some 8 px a letter
        expect(word.at[0] + word.says.length * 8, `${id}: ${word.says}`).toBeLessThanOrEqual(330)
        expect(word.at[1], id).toBeLessThanOrEqual(198)
      }
    }
  })

  it('are each another drawing', () => {
    const drawn = Object.values(plates).map((plate) => plate.shapes.map((one) => one.d).join())
    expect(new Set(drawn).size).toBe(drawn.length)
  })
})
