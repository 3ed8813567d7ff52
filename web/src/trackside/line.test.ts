import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { json } from '$testing/answers'
import { line } from './line.svelte'

const RIG = '0a0a0a0a-0000-4000-8000-000000000001'
const PACK = { at: '2026-05-09T10:00:00Z', register: { rigs: [{ id: RIG, name: 'Short camper' }] } }
const STEPS = '/api/v1/jobs/j/steps'

/** In place of the script: takes every step once, and knows the job. */
class Script extends EventTarget {
  static opened: string[] = []
  private steps: string[] = []

  postMessage({ number, taken, asked }: Message): void {
    queueMicrotask(() => {
      const done = taken === undefined ? this.answer(...(asked ?? ['', '', ''])) : this.open(taken)
      this.dispatchEvent(new MessageEvent('message', { data: { number, done } }))
    })
  }

  terminate(): void {}

  private open(taken: string): string {
    Script.opened.push(taken)
    this.steps = []
    return ''
  }

  private answer(method: string, address: string, body: string): string {
    if (address === STEPS && method === 'POST') {
      const { id } = JSON.parse(body) as { id: string }
      if (id === 'wrong') return '422\n{"status":422,"title":"Not possible as entered"}'
      if (!this.steps.includes(id)) this.steps.push(id)
      return `200\n${JSON.stringify({ steps: this.steps })}`
    }
    if (address === '/api/v1/jobs/j') return `200\n${JSON.stringify({ steps: this.steps })}`
    return '503\n{"status":503,"title":"Needs the server"}'
  }
}

interface Message {
  number: number
  taken?: string
  asked?: [string, string, string]
}

describe('the line', () => {
  let seen: string[] = []
  let server: (path: string, method: string) => Response | Promise<Response>
  let people = 0

  const noLine = () => Promise.reject(new TypeError('no line'))
  const ask = (path: string, body?: unknown) =>
    line.ask(
      new Request(new URL(path, location.origin), {
        method: body === undefined ? 'GET' : 'POST',
        ...(body !== undefined && {
          body: JSON.stringify(body),
          headers: { 'content-type': 'application/json' },
        }),
      }),
    )
  const enter = (id: string) => ask(STEPS, { id, stepId: 'strip.cap' })
  const took = async (response: Promise<Response>) => (await response).json() as Promise<unknown>

  beforeEach(async () => {
    vi.stubGlobal('Worker', Script)
    seen = []
    Script.opened = []
    server = (path) => (path.startsWith('/api/v1/take-along') ? json(PACK) : json({ of: 'server' }))
    globalThis.fetch = async (input, init) => {
      const request = input instanceof Request ? input : null
      const path = request ? new URL(request.url).pathname : (input as string)
      const method = request?.method ?? init?.method ?? 'GET'
      seen.push(`${method} ${path}`)
      return server(path, method)
    }
    await line.enable()
    await line.open(`of the line ${++people}`)
    await line.packing?.take()
  })

  afterEach(async () => {
    await line.leave()
    vi.unstubAllGlobals()
  })

  it('asks the server as long as it answers', async () => {
    expect(await took(ask('/api/v1/jobs/j'))).toEqual({ of: 'server' })
    expect(await took(enter('a'))).toEqual({ of: 'server' })
    expect(line.waiting).toEqual([])
    expect(line.taken?.rigs.map((one) => one.name)).toEqual(['Short camper'])
  })

  it('answers by itself without it, with what the server took since, and sends what waited in order', async () => {
    await enter('taken by the server')
    server = noLine
    expect(await took(enter('b'))).toEqual({ steps: ['taken by the server', 'b'] })
    expect(await took(enter('c'))).toEqual({ steps: ['taken by the server', 'b', 'c'] })
    expect(await took(enter('c'))).toEqual({ steps: ['taken by the server', 'b', 'c'] })
    expect(line.up).toBe(false)
    expect(line.waiting.map((one) => one.body)).toEqual([
      '{"id":"b","stepId":"strip.cap"}',
      '{"id":"c","stepId":"strip.cap"}',
    ])

    seen = []
    server = (path) => (path.startsWith('/api/v1/take-along') ? json(PACK) : json({ of: 'server' }))
    await line.send()
    expect(seen.filter((one) => one.startsWith('POST'))).toEqual([`POST ${STEPS}`, `POST ${STEPS}`])
    expect(line.waiting).toEqual([])
    expect(line.up).toBe(true)
    expect(await took(ask('/api/v1/jobs/j'))).toEqual({ of: 'server' })
  })

  it('shows what waits while it is being sent, and begins anew on another page', async () => {
    server = noLine
    await enter('b')
    server = () => new Response('', { status: 503 })
    await line.send()
    expect(line.up).toBe(true)
    expect(await took(ask('/api/v1/jobs/j'))).toEqual({ steps: ['b'] })
  })

  it('keeps nothing that was refused', async () => {
    server = noLine
    await enter('b')
    expect((await enter('wrong')).status).toBe(422)
    expect(line.waiting).toHaveLength(1)
    expect(await took(ask('/api/v1/jobs/j'))).toEqual({ steps: ['b'] })
    expect(Script.opened).toHaveLength(2)
  })

  it('says what only the server can do', async () => {
    server = noLine
    expect((await ask('/api/v1/workshop/rates')).status).toBe(503)
  })

  it('opens without a line for whoever was here last, until they sign out', async () => {
    server = () => json({ person: { id: 'me' } })
    await ask('/api/v1/session')
    server = noLine
    expect(await took(ask('/api/v1/session'))).toEqual({ person: { id: 'me' } })
    server = () => new Response('', { status: 401 })
    await line.send()
    await ask('/api/v1/rigs/x').catch(() => undefined)
    server = noLine
    await expect(ask('/api/v1/session')).rejects.toThrow('no line')
    expect(line.taken).toBeNull()
  })
})
