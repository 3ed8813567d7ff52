import { heard } from '$api/clock'

/** Waits before a lost line is tried again, seconds; the last one for ever. */
const WAITS = [
  2, 4, 8, 15, 30,
] as const /** How long an answer is waited for by whoever looks whether it is back, ms. */
const PROBED = 8_000

/** The server, as far as it can be reached. */
export class Server {
  /** Whether it answers, as far as is known. */
  up = $state(globalThis.navigator?.onLine ?? true)
  private tries = 0
  private timer = 0

  /**
   * @param back what to do when it answers again
   * @param unknown what to do when it no longer knows who works here
   */
  constructor(
    private readonly back: () => Promise<void>,
    private readonly unknown: () => Promise<void>,
  ) {}

  /**
   * Its answer; an error where there is none.
   *
   * @param patience how long it is waited for where somebody else can answer, ms
   */
  async ask(request: Request, patience?: number): Promise<Response> {
    const asked = Date.now()
    try {
      const response = await globalThis.fetch(
        patience === undefined
          ? request
          : new Request(request, { signal: AbortSignal.timeout(patience) }),
      )
      heard(response.headers.get('date'), asked)
      if (response.status === 401) await this.unknown()
      this.found()
      return response
    } catch (error) {
      this.lost()
      throw error
    }
  }

  /** Looks whether it is back. */
  async probe(): Promise<void> {
    const asked = new Request(`${location.origin}/api/v1/session`, { cache: 'no-store' })
    const response = await this.ask(asked, PROBED).catch(() => null)
    if (response) await this.back()
  }

  found(): void {
    clearTimeout(this.timer)
    this.tries = 0
    this.up = true
  }

  /** From now on it is looked for, less and less often. */
  lost(): void {
    this.up = false
    clearTimeout(this.timer)
    const seconds = WAITS[Math.min(this.tries++, WAITS.length - 1)] ?? 30
    this.timer = window.setTimeout(() => void this.probe(), seconds * 1000)
  }
}
