import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Attempt } from './attempt.svelte'
import { ProblemError } from './request'

const refused = (status: number, type = 'about:blank'): ProblemError =>
  new ProblemError({ status, type, title: 'x', detail: 'y', errors: [] })

describe('an attempt', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('keeps the id of an entry until it is saved', async () => {
    const attempt = new Attempt()
    const ids: string[] = []
    const troubles = [refused(0), refused(504), refused(422), null]
    const send = async (id: string): Promise<void> => {
      ids.push(id)
      const trouble = troubles.shift()
      if (trouble) throw trouble
      await Promise.resolve()
    }
    expect(await attempt.once('move', send)).toBe(false)
    expect(await attempt.once('move', send)).toBe(false)
    expect(await attempt.once('move', send)).toBe(false)
    expect(await attempt.once('move', send)).toBe(true)
    expect(new Set(ids).size).toBe(1)

    await attempt.once('move', send)
    expect(new Set(ids).size).toBe(2)
  })

  it('makes another entry of it where an earlier try was saved with something else in it', async () => {
    const attempt = new Attempt()
    const ids: string[] = []
    const troubles = [refused(504), refused(409), null]
    const send = async (id: string): Promise<void> => {
      ids.push(id)
      const trouble = troubles.shift()
      if (trouble) throw trouble
      await Promise.resolve()
    }
    await attempt.once('move', send)
    await attempt.once('move', send)
    await attempt.once('move', send)
    expect(ids[1]).toBe(ids[0])
    expect(ids[2]).not.toBe(ids[0])
  })

  it('waits by itself when too many are at work', async () => {
    const attempt = new Attempt()
    let tries = 0
    const done = attempt.run(async () => {
      await Promise.resolve()
      if (++tries < 3) throw refused(503, 'urn:oldtallow:busy')
    })
    await vi.runAllTimersAsync()
    expect(await done).toBe(true)
    expect(tries).toBe(3)
  })

  it('gives up after some time, and says why', async () => {
    const attempt = new Attempt()
    let tries = 0
    const done = attempt.run(async () => {
      tries++
      await Promise.reject(refused(503, 'urn:oldtallow:busy'))
    })
    await vi.runAllTimersAsync()
    expect(await done).toBe(false)
    expect(tries).toBe(5)
    expect(attempt.problem?.status).toBe(503)
  })
})
