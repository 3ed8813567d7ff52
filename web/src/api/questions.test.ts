import { expect, it } from 'vitest'
import { Questions } from './questions'

it('lets only the last question hear its answer', () => {
  const questions = new Questions()
  const first = questions.ask()
  expect(first()).toBe(true)
  const second = questions.ask()
  expect(first()).toBe(false)
  expect(second()).toBe(true)
})
