import 'fake-indexeddb/auto'
import { get } from 'idb-keyval'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { outbox, type Body, type Waiting } from '.'

const kept = (person: string): Promise<Waiting[] | undefined> => get(`oldtallow.outbox.${person}`)

const problem = (status: number, type = 'about:blank'): Response =>
  new Response(JSON.stringify({ status, type, title: 'x', detail: 'y', errors: [] }), {
    status,
    headers: { 'content-type': 'application/problem+json' },
  })

const judging = (id: string): Body<'judging'> => ({
  id,
  item: 'SPINDLE',
  findings: [],
  looked: { cleaned: true, by: [], noisy: false },
})

describe('the outbox', () => {
  let answer: () => Response | Promise<Response>
  let seen: { path: string; body: unknown }[]
  let person = 0

  beforeEach(async () => {
    answer = () => json({ id: 'job', number: 5 })
    seen = answerWith(() => answer())
    await outbox.open(`person ${++person}`)
  })

  it('sends at once, and tells the job as it stands then', async () => {
    const known = await outbox.put('job', 'close', { id: 'a' }, 'closing')
    expect(known).toEqual({ answer: { id: 'job', number: 5 } })
    expect(outbox.waiting).toHaveLength(0)
    expect(await kept(`person ${person}`)).toEqual([])
  })

  it.each([
    ['nobody answers', () => Promise.reject(new TypeError('no line'))],
    ['nobody is signed in', () => problem(401)],
    ['the database is away', () => problem(503, 'urn:oldtallow:not-saved')],
    ['the commit was never answered', () => problem(504, 'urn:oldtallow:not-known')],
  ])('keeps what it has while %s, under the same id', async (_, trouble) => {
    answer = trouble
    const known = outbox.put('job', 'judging', judging('j1'), 'a verdict')
    await vi.waitFor(() => expect(outbox.problem).not.toBeNull())
    expect((await kept(`person ${person}`))?.map((one) => one.body.id)).toEqual(['j1'])

    answer = () => json({ id: 'job', number: 6 })
    await outbox.send()
    expect(await known).toEqual({ answer: { id: 'job', number: 6 } })
    expect(seen.map((one) => (one.body as { id: string }).id)).toEqual(['j1', 'j1'])
    expect(outbox.waiting).toHaveLength(0)
  })

  it('sends in the order in which things were done', async () => {
    answer = () => Promise.reject(new TypeError('no line'))
    void outbox.put('job', 'judging', judging('first'), 'a verdict')
    void outbox.put('job', 'close', { id: 'second' }, 'closing')
    await vi.waitFor(async () => expect(await kept(`person ${person}`)).toHaveLength(2))

    answer = () => json({ id: 'job', number: 7 })
    seen.length = 0
    await vi.waitFor(async () => {
      await outbox.send()
      expect(outbox.waiting).toHaveLength(0)
    })
    expect(seen.map((one) => (one.body as { id: string }).id)).toEqual(['first', 'second'])
  })

  it('lets go of what was refused, and tells why', async () => {
    answer = () => problem(422)
    const known = await outbox.put('job', 'close', { id: 'b' }, 'closing')
    expect('refused' in known && known.refused.status).toBe(422)
    expect(outbox.waiting).toHaveLength(0)
  })

  it('takes over the step that an older version kept', async () => {
    const step = { id: 's1', stepId: 'raise.jack', checksMet: [], readings: [] }
    localStorage.setItem('oldtallow.unsent.old-job', JSON.stringify(step))
    seen.length = 0
    await outbox.open('upgraded')
    expect(seen).toEqual([{ path: '/api/v1/jobs/old-job/steps', body: step }])
    await outbox.open('another')
    await outbox.open('upgraded')
    expect(seen).toHaveLength(1)
  })

  it('keeps what one person left from being sent as another’s', async () => {
    answer = () => problem(401)
    void outbox.put('job', 'close', { id: 'mine' }, 'closing')
    await vi.waitFor(() => expect(outbox.problem?.status).toBe(401))
    const me = `person ${person}`

    answer = () => json({ id: 'job', number: 8 })
    seen.length = 0
    await outbox.open('somebody else')
    expect(seen).toHaveLength(0)
    await outbox.open(me)
    expect(seen.map((one) => (one.body as { id: string }).id)).toEqual(['mine'])
  })
})
