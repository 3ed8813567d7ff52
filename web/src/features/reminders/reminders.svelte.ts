import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

type Mail = Schemas['MailView']

/** Calendar addresses of whoever has signed in. */
export class Feeds {
  list = $state.raw<Schemas['FeedView'][]>([])
  /** The address made last; it is told only now. */
  made = $state.raw<Schemas['FeedView'] | null>(null)
  name = $state('')
  readonly attempt = new Attempt()

  async load(): Promise<void> {
    await this.attempt.run(async () => {
      this.list = await api.calendarFeeds()
    })
  }

  async make(): Promise<void> {
    const done = await this.attempt.once('feed', async (id) => {
      this.made = await api.makeCalendarFeed(id, { name: this.name })
      this.list = await api.calendarFeeds()
    })
    if (done) this.name = ''
  }

  async end(id: string): Promise<void> {
    await this.attempt.run(async () => {
      this.list = await api.endCalendarFeed(id)
      if (this.made?.id === id) this.made = null
    })
  }
}

/** Mail reminders of whoever has signed in. */
export class MailDraft {
  view = $state.raw<Mail | null>(null)
  address = $state('')
  wanted = $state(false)
  at = $state('')
  quietFrom = $state('')
  quietTo = $state('')
  daysAhead = $state('')
  code = $state('')
  readonly attempt = new Attempt()

  async load(): Promise<void> {
    await this.attempt.run(async () => {
      this.show(await api.mailReminder())
    })
  }

  /** Keeps it; an address that nobody has confirmed is sent a code at once. */
  async save(): Promise<boolean> {
    return this.attempt.run(async () => {
      this.show(await api.putMailReminder(this.toForm()))
      if (this.view?.confirmed === false) this.show(await api.mailCode())
    })
  }

  async anotherCode(): Promise<void> {
    await this.attempt.run(async () => {
      this.show(await api.mailCode())
    })
  }

  async confirm(): Promise<void> {
    const done = await this.attempt.run(async () => {
      this.show(await api.confirmMail(this.code))
    })
    if (done) this.code = ''
  }

  async sendNow(): Promise<void> {
    if (!(await this.save()) || !this.view?.confirmed) return
    await this.attempt.run(async () => {
      this.show(await api.mailNow())
    })
  }

  toForm(): Schemas['MailForm'] {
    return {
      version: this.view?.version ?? 0,
      address: this.address,
      wanted: this.wanted,
      at: this.at,
      quietFrom: this.quietFrom,
      quietTo: this.quietTo,
      daysAhead: number(this.daysAhead) ?? 0,
    }
  }

  private show(view: Mail): void {
    this.view = view
    this.address = view.address
    this.wanted = view.wanted
    this.at = minutes(view.at)
    this.quietFrom = minutes(view.quietFrom)
    this.quietTo = minutes(view.quietTo)
    this.daysAhead = String(view.daysAhead)
  }
}

/** A time as a time field takes it: hours and minutes. */
const minutes = (time: string): string => time.slice(0, 5)
