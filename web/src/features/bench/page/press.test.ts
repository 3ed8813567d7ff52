import { expect, it, vi } from 'vitest'
import type { Bench } from '$features/bench/job'
import { press } from './press'

it('means nothing where the card was changed by somebody else just then', () => {
  const close = vi.fn()
  const bench = { move: { does: 'close' }, overtaken: true, close }
  press(bench as unknown as Bench)
  expect(close).not.toHaveBeenCalled()
  press({ ...bench, overtaken: false } as unknown as Bench)
  expect(close).toHaveBeenCalledOnce()
})
