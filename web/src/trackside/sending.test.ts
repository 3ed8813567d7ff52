import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import * as entries from './entries'
import { sendWaiting } from './sending'

const AT = Date.parse('2026-05-09T10:41:07.250Z')

interface Sent {
  address: string
  made: string | null
  form: string | null
}

const refusal = (status: number, detail: string): Response =>
  new Response(JSON.stringify({ status, title: 'Not saved', detail, errors: [] }), { status })

describe('sending what waits', () => {
  let person = ''
  let people = 0
  let sent: Sent[] = []
  let answer: (address: string) => Response | Promise<Response>

  const enter = (address: string) =>
    entries.add(person, { method: 'POST', address, body: '{}', at: AT, state: 'waiting' }, null)
  const states = async () => (await entries.all(person)).map((one) => one.state)

  beforeEach(async () => {
    person = `sender ${++people}`
    sent = []
    answer = () => new Response('{}')
    globalThis.fetch = async (input, init) => {
      const headers = new Headers(init?.headers)
      const address = input as string
      sent.push({
        address,
        made: headers.get('Entry-Made-At'),
        form: headers.get('Entry-Form'),
      })
      return answer(address)
    }
    for (const one of ['/a', '/b', '/c']) await enter(one)
  })

  it('sends in order, and says when each was made', async () => {
    expect(await sendWaiting(person)).toBe('sent')
    expect(sent.map((one) => one.address)).toEqual(['/a', '/b', '/c'])
    expect(sent[0]).toMatchObject({ made: '2026-05-09T10:41:07.250Z', form: '1' })
    expect(await states()).toEqual(['sent', 'sent', 'sent'])
    sent = []
    expect(await sendWaiting(person)).toBe('sent')
    expect(sent).toEqual([])
  })

  it.each([
    ['no line', () => Promise.reject(new TypeError('no line'))],
    ['signed out', () => new Response('', { status: 401 })],
    ['later', () => new Response('', { status: 503 })],
  ])('stops where it is told: %s; the rest waits in its order', async (outcome, trouble) => {
    answer = (address) => (address === '/b' ? trouble() : new Response('{}'))
    expect(await sendWaiting(person)).toBe(outcome)
    expect(await states()).toEqual(['sent', 'waiting', 'waiting'])
    expect(sent.map((one) => one.address)).not.toContain('/c')
  })

  it('keeps what is not taken, with the reason, and goes on', async () => {
    answer = (address) =>
      address === '/b' ? refusal(409, 'This job is over.') : new Response('{}')
    expect(await sendWaiting(person)).toBe('sent')
    const all = await entries.all(person)
    expect(all.map((one) => one.state)).toEqual(['sent', 'refused', 'sent'])
    expect(all[1]?.refusal?.detail).toBe('This job is over.')
  })

  it('gets a new token where its own ran out', async () => {
    let refused = false
    answer = (address) => {
      if (address !== '/a' || refused) return new Response('{}')
      refused = true
      return new Response('', { status: 403 })
    }
    expect(await sendWaiting(person)).toBe('sent')
    expect(sent.map((one) => one.address)).toEqual(['/a', '/api/v1/session', '/a', '/b', '/c'])
  })
})
