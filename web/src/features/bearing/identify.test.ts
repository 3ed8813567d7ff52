import { describe, expect, it } from 'vitest'
import { chance } from './identify.svelte'

describe('a chance', () => {
  it.each([
    [0.9999, '99 in 100'],
    [0.98, '49 in 50'],
    [0.9, '9 in 10'],
    [0.75, '3 in 4'],
    [0.5, '1 in 2'],
    [0.34, '1 in 3'],
    [0.04, '1 in 25'],
    [0.00001, '1 in 100'],
  ])('of %f is told as a bet: %s', (probability, words) => {
    expect(chance(probability)).toBe(words)
  })
})
