import { isOpen, ProblemError, type Problem } from '$api/request'
import { keep, kept, leftByOlder } from './keep'
import { sendOne, type Answer, type Body, type Kind, type Waiting } from './senders'

/** What became of an entry: the answer to it, the job as it stands then, or why it was refused. */
export type Known<K extends Kind = Kind> = { answer: Answer<K> } | { refused: Problem }

type Told = { answer: unknown } | { refused: Problem }

const WAITS = [1, 2, 4, 8, 15, 30] as const

/**
 * Entries made on this device that are not known to be saved, in their order: kept here, over a reload too, until the server
 * has said what became of each. The only place where entries of a job wait.
 */
class Outbox {
  waiting = $state.raw<readonly Waiting[]>([])
  /** Why the first of them is not sent yet. */
  problem = $state.raw<Problem | null>(null)
  /** Whether what waits outlasts this page. */
  lasts = $state(true)
  private person = ''
  private tries = 0
  private sending = false
  private timer: ReturnType<typeof setTimeout> | undefined
  private readonly waitedFor = new Map<string, (known: Told) => void>()

  /** Takes up what this person left here. */
  async open(person: string): Promise<void> {
    if (this.person !== person) {
      this.person = person
      this.waiting = [...(await kept(person)), ...leftByOlder()]
      if (this.waiting.length > 0) this.lasts = await keep(person, this.waiting)
    }
    await this.send()
  }

  of(jobId: string): readonly Waiting[] {
    return this.waiting.filter((one) => one.jobId === jobId)
  }

  /** Puts an entry in and sends it; answers once it is known what became of it. */
  async put<K extends Kind>(
    jobId: string,
    kind: K,
    body: Body<K>,
    what: string,
  ): Promise<Known<K>> {
    // as it is now, whatever becomes of the form it came from
    const own: Body<K> = $state.snapshot<Body<K>>(body)
    this.waiting = [...this.waiting, { jobId, kind, body: own, what }]
    const known = new Promise<Known<K>>((tell) => {
      this.waitedFor.set(body.id, (told) => tell(told as Known<K>))
    })
    this.lasts = await keep(this.person, this.waiting)
    void this.send()
    return known
  }

  /** Sends what waits, now. */
  async send(): Promise<void> {
    if (this.sending) return
    clearTimeout(this.timer)
    this.sending = true
    try {
      for (let first = this.waiting[0]; first; first = this.waiting[0]) {
        const known = await ask(first)
        if ('open' in known) {
          this.problem = known.open
          this.timer = setTimeout(() => void this.send(), this.pause())
          return
        }
        this.tries = 0
        this.problem = null
        this.waiting = this.waiting.filter((one) => one !== first)
        this.lasts = await keep(this.person, this.waiting)
        this.waitedFor.get(first.body.id)?.(known)
        this.waitedFor.delete(first.body.id)
      }
    } finally {
      this.sending = false
    }
  }

  private pause(): number {
    const seconds = WAITS[Math.min(this.tries++, WAITS.length - 1)] ?? 30
    return seconds * 1000
  }
}

async function ask(one: Waiting): Promise<Told | { open: Problem }> {
  try {
    return { answer: await sendOne(one) }
  } catch (error) {
    if (!(error instanceof ProblemError)) throw error
    return isOpen(error.problem) ? { open: error.problem } : { refused: error.problem }
  }
}

export const outbox = new Outbox()
globalThis.addEventListener?.('online', () => void outbox.send())
