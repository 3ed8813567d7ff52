/** Waits before the line is tried again, seconds; the last one for ever. */
const WAITS = [1, 2, 4, 8, 15, 30] as const
/** How often the job is looked at while there is no line. */
const POLL = 10_000

/**
 * The open line on which the server tells that somebody wrote to a job. Whatever ends it, a refusal too, it is opened again;
 * meanwhile the job is looked at every ten seconds.
 */
export class JobLine {
  /** Whether others are heard at once. */
  open = $state(false)
  private events: EventSource | null = null
  private tries = 0
  private timer: ReturnType<typeof setTimeout> | undefined
  private readonly poll: ReturnType<typeof setInterval>

  /** Has `look` called whenever something may have changed. */
  constructor(
    private readonly jobId: string,
    private readonly look: () => void,
  ) {
    this.poll = setInterval(() => {
      if (!this.open) this.look()
    }, POLL)
    globalThis.addEventListener('online', this.again)
    this.connect()
  }

  close(): void {
    clearTimeout(this.timer)
    clearInterval(this.poll)
    globalThis.removeEventListener('online', this.again)
    this.events?.close()
  }

  private readonly again = (): void => {
    this.tries = 0
    this.connect()
    this.look()
  }

  private connect(): void {
    clearTimeout(this.timer)
    this.events?.close()
    const events = new EventSource(`/api/jobs/${this.jobId}/events`)
    this.events = events
    events.addEventListener('changed', this.look)
    events.addEventListener('open', () => {
      this.open = true
      this.tries = 0
      this.look() // what was missed meanwhile
    })
    events.addEventListener('error', () => {
      if (this.events !== events) return
      this.open = false
      // the browser gives up for good at anything but a lost connection
      if (events.readyState === EventSource.CLOSED) {
        const seconds = WAITS[Math.min(this.tries++, WAITS.length - 1)] ?? 30
        this.timer = setTimeout(() => this.connect(), seconds * 1000)
      }
    })
  }
}
