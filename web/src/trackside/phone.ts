/** An answer as the server would give it. */
export interface Answer {
  status: number
  json: string
}

interface Told {
  number: number
  done?: string
  failed?: string
}

/** The server's own program over what was taken along, beside the page. */
export class Phone {
  private readonly worker: Worker
  private readonly waiting = new Map<
    number,
    { done: (text: string) => void; failed: (why: Error) => void }
  >()
  private last = 0

  constructor(script: string) {
    this.worker = new Worker(script)
    this.worker.addEventListener('message', ({ data }: MessageEvent<Told>) => {
      const asked = this.waiting.get(data.number)
      this.waiting.delete(data.number)
      if (data.failed === undefined) asked?.done(data.done ?? '')
      else asked?.failed(new Error(data.failed))
    })
    this.worker.addEventListener('error', () => {
      for (const asked of this.waiting.values()) asked.failed(new Error('the script does not run'))
      this.waiting.clear()
    })
  }

  /** Lays out what was taken along, in place of what was there. */
  async open(taken: string): Promise<void> {
    await this.ask({ taken })
  }

  /** @param at by the server's clock, ms */
  async answer(method: string, address: string, body: string, at: number): Promise<Answer> {
    const told = await this.ask({ asked: [method, address, body, at] })
    const end = told.indexOf('\n')
    return { status: Number(told.slice(0, end)), json: told.slice(end + 1) }
  }

  close(): void {
    this.worker.terminate()
  }

  private ask(what: object): Promise<string> {
    const number = ++this.last
    return new Promise((done, failed) => {
      this.waiting.set(number, { done, failed })
      this.worker.postMessage({ number, ...what })
    })
  }
}
