import 'fake-indexeddb/auto'
import { webcrypto } from 'node:crypto'
import { createStore, entries as stored } from 'idb-keyval'
import { afterAll, beforeEach, describe, expect, it, vi } from 'vitest'
import * as entries from './entries'
import type { Entry } from './entries'
import * as vault from './vault'

type New = Omit<Entry, 'number' | 'picture'>

const step = (words: string): New => ({
  method: 'POST',
  address: '/api/v1/jobs/j/steps',
  body: JSON.stringify({ id: words, stepId: 'strip.cap' }),
  at: 1_750_000_000_000,
  state: 'waiting',
})
let person = ''
let people = 0

// jsdom has none that encrypts
vi.stubGlobal('crypto', webcrypto)
afterAll(() => void vi.unstubAllGlobals())

beforeEach(() => {
  person = `person ${++people}`
})

describe('what is entered on a device', () => {
  it('stays in its order, whoever entered it', async () => {
    for (const words of ['a', 'b', 'c']) await entries.add(person, step(words), null)
    await entries.add('somebody else', step('d'), null)
    const mine = await entries.all(person)
    expect(mine.map((one) => (JSON.parse(one.body) as { id: string }).id)).toEqual(['a', 'b', 'c'])
    expect(mine.map((one) => one.number)).toEqual([...mine.map((one) => one.number)].sort())
  })

  it('cannot be read out of the browser’s files', async () => {
    await entries.add(person, step('cracked cup'), new TextEncoder().encode('a picture').buffer)
    const things = createStore('oldtallow-trackside', 'things')
    const raw = (await stored<string, { iv: unknown; data: ArrayBuffer }>(things))
      .filter(([name]) => name.includes(person))
      .map(([, kept]) => new TextDecoder().decode(kept.data))
    expect(raw).toHaveLength(2)
    expect(raw.join()).not.toContain('cracked cup')
    expect(raw.join()).not.toContain('a picture')
    expect(await vault.room('entry.')).toBeGreaterThan(0)
  })

  it('keeps a picture until it is sent, and shows it at its address', async () => {
    const address = `/api/v1/jobs/j/photos/${person}?stepId=strip.cap`
    const picture = new TextEncoder().encode('a picture').buffer
    const put: New = { ...step(''), method: 'PUT', address, body: '' }
    const entry = await entries.add(person, put, picture)
    const at = address.split('?')[0] ?? ''
    expect(new TextDecoder().decode(await entries.pictureAt(at))).toBe('a picture')
    await entries.change(person, { ...entry, state: 'sent' })
    expect(await entries.pictureAt(at)).toBeUndefined()
  })

  it.each([
    ['POST', '/api/v1/jobs/j/steps', '{"id":"1","stepId":"s"}', true],
    ['POST', '/api/v1/jobs/j/round', '{"order":"HUB_BY_HUB"}', true],
    ['PUT', '/api/v1/rigs/r/warmth/w', '{}', true],
    ['DELETE', '/api/v1/rigs/r/warmth/w', '', true],
    ['POST', '/api/v1/wheel-ends/w/setting-chart', '{"preload":5}', false],
    ['POST', '/api/v1/reckon/fits', '{"id":"1"}', false],
    ['GET', '/api/v1/jobs/j', '', false],
    ['POST', '/api/v1/session', '{"id":"1"}', false],
  ])('%s %s %s is an entry: %s', (method, address, body, is) => {
    expect(entries.isEntry(method, address, body)).toBe(is)
  })
})
