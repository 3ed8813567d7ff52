import { describe, expect, it } from 'vitest'
import { number } from './number'

describe('a typed number', () => {
  it.each([
    ['17', 17],
    [' 0.08 ', 0.08],
    ['0,08', 0.08],
    ['.5', 0.5],
    ['-13', -13],
    ['−13', -13],
    ['3.', 3],
  ])('takes %s', (text, value) => expect(number(text)).toBe(value))

  it.each(['', ' ', 'abc', '1e5', 'NaN', 'Infinity', '1.2.3', '0x10', '1 000', '-', '.', '5mm'])(
    'refuses “%s”',
    (text) => expect(number(text)).toBeNull(),
  )
})
