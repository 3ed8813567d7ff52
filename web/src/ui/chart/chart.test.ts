import { expect, it } from 'vitest'
import { between, lineThrough, scaleLinear } from '.'

const points = [
  { at: 0, low: 1, high: 3 },
  { at: 5, low: 2, high: 4 },
]
const x = (one: { at: number }): number => one.at

it('draws a line through points, and what lies between two', () => {
  expect(lineThrough(points, { x, y: (one) => one.low })).toBe('M0,1L5,2')
  expect(between(points, { x, low: (one) => one.low, high: (one) => one.high })).toBe(
    'M0,3L5,4L5,2L0,1Z',
  )
})

it('draws nothing where there is nothing', () => {
  expect(lineThrough([], { x: () => 0, y: () => 0 })).toBe('')
})

it('has round ticks', () => {
  expect(scaleLinear().domain([20, 82]).ticks(3)).toEqual([20, 40, 60, 80])
})
