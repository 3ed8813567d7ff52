/** Waits before the line is tried again, seconds; the last one for ever. */
const WAITS = [1, 2, 4, 8, 15, 30] as const
/** What this device wrote itself is told to it, too: its answer is waited for so long before anybody looks, ms. */
const OWN_ANSWER = 150
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
  private hearing: ReturnType<typeof setTimeout> | undefined
  private readonly poll: ReturnType<typeof setInterval>

  /** Has `look` called whenever the job may have more entries than the `seen` ones. */
  constructor(
    private readonly jobId: string,
    private readonly seen: () => number,
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
    clearTimeout(this.hearing)
    clearInterval(this.poll)
    globalThis.removeEventListener('online', this.again)
    this.events?.close()
  }

  private readonly again = (): void => {
    this.tries = 0
    this.connect()
    this.look()
  }

  /** Told how many entries the job has; not a number where the server cannot say. */
  private hear(entries: number): void {
    clearTimeout(this.hearing)
    this.hearing = setTimeout(() => {
      if (!(this.seen() >= entries)) this.look()
    }, OWN_ANSWER)
  }

  private connect(): void {
    clearTimeout(this.timer)
    this.events?.close()
    const events = new EventSource(`/api/v1/jobs/${this.jobId}/events`)
    this.events = events
    events.addEventListener('changed', (told) => this.hear(Number(told.data)))
    events.addEventListener('open', () => {
      this.open = true
      this.tries = 0
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
