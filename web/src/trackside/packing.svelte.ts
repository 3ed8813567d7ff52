import { now } from '$api/clock'
import * as entries from './entries'
import type { OwnAnswers } from './own-answers'
import type { Server } from './server.svelte'
import * as taken from './taken'
import type { Taken, Wanted } from './taken'

/** How soon what was taken along is renewed: after a rig came to it, after something changed, and in any case, ms. */
const SOON = 1_000
const AFTER_A_CHANGE = 20_000
const ALWAYS = 300_000

/** What one person takes along on this device, and keeping it new. */
export class Packing {
  taken = $state.raw<Taken | null>(null)
  wanted = $state.raw<Wanted>({ pinned: [], opened: {} })
  /** Whether it is being renewed. */
  busy = $state(false)
  private timer = 0

  /** @param mayTake whether the server knows all that was entered here */
  constructor(
    private readonly person: string,
    private readonly own: OwnAnswers,
    private readonly server: Server,
    private readonly mayTake: () => boolean,
  ) {}

  async open(): Promise<void> {
    const pack = await taken.pack(this.person)
    this.taken = pack === undefined ? null : taken.read(pack)
    this.wanted = await taken.wanted(this.person)
    this.takeIn(this.taken ? AFTER_A_CHANGE : SOON)
  }

  close(): void {
    clearTimeout(this.timer)
    this.timer = -1
  }

  /** Takes a rig along from now on, or no longer. */
  async pin(rigId: string, wanted: boolean): Promise<void> {
    const pinned = this.wanted.pinned.filter((one) => one !== rigId)
    const opened = { ...this.wanted.opened }
    if (wanted) pinned.push(rigId)
    else delete opened[rigId]
    await this.want({ pinned, opened })
    await this.take()
  }

  /** Somebody looked at a rig. */
  async sawRig(rigId: string): Promise<void> {
    const isNew = !this.taken?.rigs.some((one) => one.id === rigId)
    await this.want({
      ...this.wanted,
      opened: { ...this.wanted.opened, [rigId]: now().getTime() },
    })
    if (isNew) this.takeIn(SOON)
  }

  private async want(wanted: Wanted): Promise<void> {
    this.wanted = wanted
    await taken.keepWanted(this.person, wanted)
  }

  changed(): void {
    this.takeIn(AFTER_A_CHANGE)
  }

  /** Renews it; where there is no line, what is here stays. */
  async take(): Promise<void> {
    clearTimeout(this.timer)
    if (!this.mayTake() || this.busy) return
    this.busy = true
    try {
      const had = (await entries.all(this.person)).filter((one) => one.state === 'sent')
      const rigs = taken.toAskFor(this.wanted, now().getTime())
      const asked = `/api/v1/take-along?${rigs.map((one) => `rig=${one}`).join('&')}`
      const response = await this.server.ask(new Request(location.origin + asked))
      if (response.ok) {
        const numbers = had.map((one) => one.number)
        this.taken = await this.own.renew(await response.text(), numbers)
      }
    } catch {
      return // looked for again by whoever finds the line
    } finally {
      this.busy = false
      this.takeIn(ALWAYS)
    }
  }

  private takeIn(wait: number): void {
    if (this.timer === -1) return
    clearTimeout(this.timer)
    this.timer = window.setTimeout(() => void this.take(), wait)
  }
}
