import * as entries from './entries'
import { Phone, type Answer } from './phone'
import * as taken from './taken'

/** A request with what was sent. */
export interface Asked {
  method: string
  /** Path, and what is asked behind it. */
  address: string
  /** JSON; empty where nothing is sent, or a picture. */
  body: string
  picture: ArrayBuffer | null
}

/** Answers for one person from what was taken along and what was entered here since; one after the other. */
export class OwnAnswers {
  private phone: Phone | null = null
  /** The last entry that the script has taken in; null where it has to begin anew. */
  private knows: number | null = null
  private turn: Promise<unknown> = Promise.resolve()

  constructor(
    private readonly person: string,
    private readonly script: string,
  ) {}

  /** Null where nothing was taken along, or the script is not here. What is entered and taken waits from then on. */
  answer(asked: Asked, enters: boolean, at: number): Promise<Answer | null> {
    return this.inTurn(async () => {
      const phone = await this.readied()
      if (!phone) return null
      const answer = await phone.answer(asked.method, asked.address, asked.body, at)
      if (!enters) return answer
      if (answer.status >= 300) {
        this.knows = null // half of it may be done
        return answer
      }
      await this.keep(asked, at, 'waiting')
      return answer
    })
  }

  /** The server took this; what was taken along does not have it yet. */
  note(asked: Asked, at: number): Promise<void> {
    return this.inTurn(async () => {
      const known = this.knows
      await this.keep({ ...asked, picture: null }, at, 'sent')
      this.knows = known // the script hears of it when it is asked next
    })
  }

  /** What the server packed lies in place of what was here; with it is all that it had taken before. */
  renew(pack: string, had: readonly number[]): Promise<taken.Taken> {
    return this.inTurn(async () => {
      const now = await taken.keepPack(this.person, pack)
      await entries.forget(this.person, had)
      this.knows = null
      return now
    })
  }

  close(): void {
    this.phone?.close()
    this.phone = null
    this.knows = null
  }

  private async keep(asked: Asked, at: number, state: entries.State): Promise<void> {
    const { picture, ...what } = asked
    if (state === 'waiting' && (await this.waits(what))) return
    const entry = await entries.add(this.person, { ...what, at, state }, picture)
    this.knows = entry.number
  }

  /** Whether it was pressed before, and is the same. */
  private async waits(what: Omit<Asked, 'picture'>): Promise<boolean> {
    return (await entries.all(this.person)).some(
      (one) =>
        one.state === 'waiting' &&
        one.method === what.method &&
        one.address === what.address &&
        one.body === what.body,
    )
  }

  private async readied(): Promise<Phone | null> {
    try {
      const { last } = await entries.device()
      if (this.phone && this.knows === last) return this.phone
      if (!this.phone || this.knows === null) {
        const pack = await taken.pack(this.person)
        if (pack === undefined) return null
        this.phone ??= new Phone(this.script)
        await this.phone.open(pack)
        this.knows = 0
      }
      // another page of this browser may have entered something, too
      for (const entry of await entries.all(this.person)) {
        if (entry.number <= this.knows || entry.state === 'refused') continue
        await this.phone.answer(entry.method, entry.address, entry.body, entry.at)
      }
      this.knows = last
      return this.phone
    } catch {
      this.close()
      return null
    }
  }

  private inTurn<T>(act: () => Promise<T>): Promise<T> {
    const done = this.turn.then(act, act)
    this.turn = done.catch(() => undefined)
    return done
  }
}
