import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { JobLine } from './job-line.svelte'

/** Lines as the browser would open them. */
class Lines extends EventTarget {
  static readonly CLOSED = 2
  static opened: Lines[] = []
  readyState = 0

  constructor(readonly url: string) {
    super()
    Lines.opened.push(this)
  }

  tell(name: string, state: number): void {
    this.readyState = state
    this.dispatchEvent(new Event(name))
  }

  hear(data: string): void {
    this.dispatchEvent(new MessageEvent('changed', { data }))
  }

  close(): void {
    this.readyState = 2
  }
}

describe('the line to a job', () => {
  let looks = 0
  let seen = 0
  let line: JobLine

  beforeEach(() => {
    vi.useFakeTimers()
    vi.stubGlobal('EventSource', Lines)
    Lines.opened = []
    looks = 0
    seen = 0
    line = new JobLine(
      'job',
      () => seen,
      () => void looks++,
    )
  })

  afterEach(() => {
    line.close()
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('is opened again after a refusal, with growing waits', () => {
    Lines.opened[0]?.tell('error', Lines.CLOSED)
    expect(line.open).toBe(false)
    vi.advanceTimersByTime(1_000)
    expect(Lines.opened).toHaveLength(2)
    Lines.opened[1]?.tell('error', Lines.CLOSED)
    vi.advanceTimersByTime(1_500)
    expect(Lines.opened).toHaveLength(2)
    vi.advanceTimersByTime(500)
    expect(Lines.opened).toHaveLength(3)

    Lines.opened[2]?.tell('open', 1)
    expect(line.open).toBe(true)
    Lines.opened[2]?.tell('error', Lines.CLOSED)
    vi.advanceTimersByTime(1_000)
    expect(Lines.opened).toHaveLength(4)
  })

  it('looks every ten seconds while nobody is heard, and when it is told of more than was seen', () => {
    vi.advanceTimersByTime(30_000)
    expect(looks).toBe(3)
    Lines.opened[0]?.tell('open', 1)
    vi.advanceTimersByTime(30_000)
    expect(looks).toBe(3)
    Lines.opened[0]?.hear('look')
    Lines.opened[0]?.hear('2')
    vi.advanceTimersByTime(1_000)
    expect(looks).toBe(4)
  })

  it('does not look again for what this device wrote itself', () => {
    Lines.opened[0]?.tell('open', 1)
    Lines.opened[0]?.hear('7')
    seen = 7 // the answer to the entry
    vi.advanceTimersByTime(1_000)
    expect(looks).toBe(0)
    Lines.opened[0]?.hear('8')
    vi.advanceTimersByTime(1_000)
    expect(looks).toBe(1)
  })

  it('comes to an end', () => {
    line.close()
    vi.advanceTimersByTime(60_000)
    expect(looks).toBe(0)
    expect(Lines.opened).toHaveLength(1)
  })
})
