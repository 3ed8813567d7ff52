import { version } from '$app/environment'
import { now } from '$api/clock'
import * as entries from './entries'
import type { Entry } from './entries'
import { OwnAnswers, type Asked } from './own-answers'
import { Packing } from './packing.svelte'
import { sendWaiting } from './sending'
import { Server } from './server.svelte'
import * as taken from './taken'

/** Where somebody answers who cannot say yet what becomes of an entry, it is sent again so long after, ms. */
const LATER = 10_000

/** How long somebody who reads waits for the server before this device answers, ms. */
const PATIENCE = 6_000
/** How long somebody waits who entered something: it may have been taken, and the answer be on its way. */
const PATIENCE_ENTERED = 15_000

const SCRIPT = `/phone/trackside.js?v=${version}`
const SESSION = '/api/v1/session'
const PERSONAL = /^\/api\/v1\/(session|first-owner|people)\b/
const RIG = /^\/api\/v1\/rigs\/([0-9a-f-]{36})$/
const NEEDS_SERVER = 503

/**
 * The line to the server, and what is done without it: questions are answered from what was taken along, and what is entered waits
 * here, in its order, until the server has it. While something waits this device answers by itself, since the server does not
 * know it yet.
 */
class Line {
  /** What the server does not have yet. */
  waiting = $state.raw<readonly Entry[]>([])
  /** What it did not take as it was. */
  refused = $state.raw<readonly Entry[]>([])
  /** Whether this browser can work where there is no line. */
  enabled = $state(false)
  packing = $state.raw<Packing | null>(null)
  private person = ''
  private own: OwnAnswers | null = null
  private sending = false
  private timer = 0
  private readonly server = new Server(
    () => this.send(),
    () => this.unknown(),
  )
  private tell = (): void => {}

  /** Whether the server answers, as far as is known. */
  get up(): boolean {
    return this.server.up
  }

  get taken(): taken.Taken | null {
    return this.packing?.taken ?? null
  }

  /** What to do when the server no longer knows who works here. */
  whenUnknown(act: () => void): void {
    this.tell = act
  }

  private async unknown(): Promise<void> {
    this.tell()
    await this.leave()
  }

  /** From now on this device keeps what it needs where there is no line. */
  async enable(): Promise<void> {
    if (this.enabled) return
    this.enabled = true
    globalThis.addEventListener('online', () => void this.server.probe())
    globalThis.addEventListener('offline', () => this.server.lost())
    await this.begin()
    if (!this.own) return // they are asked for when somebody is here
    for (const one of taken.KEPT)
      await this.ask(new Request(location.origin + one)).catch(() => null)
  }

  /** Who works here. */
  async open(person: string): Promise<void> {
    if (this.person === person) return
    this.person = person
    await this.begin()
  }

  private async begin(): Promise<void> {
    if (!this.enabled || !this.person) return
    this.close()
    this.own = new OwnAnswers(this.person, SCRIPT)
    this.packing = new Packing(this.person, this.own, this.server, () => this.waiting.length === 0)
    await this.count()
    await this.packing.open()
    for (const one of taken.KEPT)
      void this.ask(new Request(location.origin + one)).catch(() => null)
    if (!this.up) this.server.lost()
    else if (this.waiting.length > 0) await this.send()
  }

  private close(): void {
    this.own?.close()
    this.own = null
    this.packing?.close()
    this.packing = null
    clearTimeout(this.timer)
  }

  /** Signed out, here or anywhere: what was taken along goes; what waits stays, for when they are back. */
  async leave(): Promise<void> {
    this.close()
    this.person = ''
    this.waiting = []
    this.refused = []
    if (this.enabled) await taken.forgetAll()
  }

  /** Asks the server, or whatever can answer in its place. */
  async ask(request: Request): Promise<Response> {
    const { pathname, search } = new URL(request.url)
    if (this.enabled && taken.KEPT.includes(pathname) && request.method === 'GET') {
      return this.lastSeen(request, pathname)
    }
    if (!this.own || PERSONAL.test(pathname)) {
      const response = await this.server.ask(request)
      if (request.method === 'DELETE' && pathname === SESSION) await this.leave()
      return response
    }
    const asked = await withBody(request, pathname + search)
    const enters = entries.isEntry(asked.method, asked.address, asked.body)
    const asksServer = this.up && this.waiting.length === 0
    let failed: Error | null = null
    if (asksServer) {
      try {
        const response = await this.server.ask(request.clone(), this.patience(asked, enters))
        if (response.ok) await this.learn(asked, enters)
        return response
      } catch (error) {
        failed = error instanceof Error ? error : new Error(String(error))
      }
    }
    const own = await this.answer(asked, enters)
    if (own && !(this.up && own.status === NEEDS_SERVER)) return own
    if (failed) throw failed
    return this.server.ask(request)
  }

  /** Sends what waits, now. */
  async send(): Promise<void> {
    if (this.sending || !this.person) return
    this.sending = true
    clearTimeout(this.timer)
    try {
      const outcome = await sendWaiting(this.person, () => void this.count())
      await this.count()
      if (outcome === 'no line') return this.server.lost()
      this.server.found()
      if (outcome === 'signed out') await this.unknown()
      if (outcome === 'later') this.timer = window.setTimeout(() => void this.send(), LATER)
      if (outcome === 'sent') await this.packing?.take()
    } finally {
      this.sending = false
    }
  }

  /** What was not taken is sent once more as it is, or let go. */
  async settle(entry: Entry, again: boolean): Promise<void> {
    if (again) await entries.change(this.person, { ...entry, state: 'waiting' })
    else await entries.forget(this.person, [entry.number])
    await this.count()
    await this.send()
  }

  /** How long the server is waited for; however long it takes where nobody else can answer. */
  private patience(asked: Asked, enters: boolean): number | undefined {
    if (!this.taken) return undefined
    if (enters) return PATIENCE_ENTERED
    return asked.method === 'GET' ? PATIENCE : undefined
  }

  private async answer(asked: Asked, enters: boolean): Promise<Response | null> {
    const answer = await this.own?.answer(asked, enters, now().getTime())
    if (!answer) return null
    if (enters && answer.status < 300) {
      await this.count()
      if (this.up) void this.send()
      else void sendBehindThePage()
    }
    const kind = answer.status < 300 ? 'application/json' : 'application/problem+json'
    return new Response(answer.json === '' ? null : answer.json, {
      status: answer.json === '' ? 204 : answer.status,
      headers: { 'content-type': kind },
    })
  }

  /** What the server says now, or said last; of whoever works here, their bench is opened with it. */
  private async lastSeen(request: Request, address: string): Promise<Response> {
    const asked = request.clone()
    const response = this.up ? await this.server.ask(asked, PATIENCE).catch(() => null) : null
    if (response && !response.ok) return response
    const text = response ? await response.clone().text() : await taken.seen(address)
    if (text === undefined) return this.server.ask(request)
    if (response) await taken.keepSeen(address, text)
    if (address === SESSION) {
      const { person } = JSON.parse(text) as { person?: { id: string } | null }
      if (person) await this.open(person.id)
      else if (person === null) await this.leave()
    }
    return response ?? new Response(text, { headers: { 'content-type': 'application/json' } })
  }

  /** What the server took, and what was looked at, belongs to what is taken along. */
  private async learn(asked: Asked, enters: boolean): Promise<void> {
    const rig = asked.method === 'GET' ? RIG.exec(asked.address)?.[1] : undefined
    if (rig) await this.packing?.sawRig(rig)
    if (enters) await this.own?.note(asked, now().getTime())
    if (asked.method !== 'GET') this.packing?.changed()
  }

  private async count(): Promise<void> {
    const all = await entries.all(this.person)
    this.waiting = all.filter((one) => one.state === 'waiting')
    this.refused = all.filter((one) => one.state === 'refused')
  }
}

async function withBody(request: Request, address: string): Promise<Asked> {
  const sent = request.clone()
  const isPicture = request.headers.get('content-type') === 'application/octet-stream'
  return {
    method: request.method,
    address,
    body: isPicture || request.method === 'GET' ? '' : await sent.text(),
    picture: isPicture ? await sent.arrayBuffer() : null,
  }
}

interface Syncing extends ServiceWorkerRegistration {
  sync?: { register(tag: string): Promise<void> }
}

/** Where the browser can, it sends by itself when there is a line again, the page closed or not. */
async function sendBehindThePage(): Promise<void> {
  const behind = (await navigator.serviceWorker?.getRegistration()) as Syncing | undefined
  await behind?.sync?.register('oldtallow-entries').catch(() => undefined)
}

export const line = new Line()
