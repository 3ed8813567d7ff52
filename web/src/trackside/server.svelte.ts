import { heard } from '$api/clock'

/** Waits before a lost line is tried again, seconds; the last one for ever. */
const WAITS = [2, 4, 8, 15, 30] as const
/** How long somebody who reads waits for the server before this device answers, ms. */
const PATIENCE = 6_000
/** How long somebody waits who entered something: it may have been taken, and the answer be on its way. */
const PATIENCE_ENTERED = 15_000

/** The server, as far as it can be reached. */
export class Server {
  /** Whether it answers, as far as is known. */
  up = $state(globalThis.navigator?.onLine ?? true)
  private tries = 0
  private timer = 0

  /**
   * @param isPatient whether nobody else can answer, however long it takes
   * @param back what to do when it answers again
   * @param unknown what to do when it no longer knows who works here
   */
  constructor(
    private readonly isPatient: () => boolean,
    private readonly back: () => Promise<void>,
    private readonly unknown: () => Promise<void>,
  ) {}

  /** Its answer; a TypeError or a timeout where there is none. */
  async ask(request: Request): Promise<Response> {
    const asked = Date.now()
    const patience = request.method === 'GET' ? PATIENCE : PATIENCE_ENTERED
    try {
      const response = await globalThis.fetch(
        this.isPatient()
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
    const asked = new Request('/api/v1/session', { cache: 'no-store' })
    const response = await this.ask(asked).catch(() => null)
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
