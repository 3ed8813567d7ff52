import { beforeEach, describe, expect, it, vi } from 'vitest'
import { client, dataOf } from './request'

const ofJob = { path: { jobId: 'job' } }

describe('a request', () => {
  beforeEach(() => {
    document.cookie = 'XSRF-TOKEN=old'
  })

  it('gets another token when this browser’s ran out, and is sent once more', async () => {
    const seen: string[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      const token = request.headers.get('X-XSRF-TOKEN') ?? ''
      seen.push(`${request.method} ${new URL(request.url).pathname} ${token}`)
      await Promise.resolve()
      if (request.method === 'GET') {
        document.cookie = 'XSRF-TOKEN=new'
        return Response.json({ firstOwnerWanted: false, demoAccounts: [] })
      }
      return token === 'new'
        ? Response.json({ id: 'job', number: 3 })
        : Response.json({ status: 403, type: 'urn:oldtallow:old-token' }, { status: 403 })
    })
    const job = await dataOf(
      client.POST('/api/v1/jobs/{jobId}/close', { params: ofJob, body: { id: 'c' } }),
    )
    expect(job.number).toBe(3)
    expect(seen).toEqual([
      'POST /api/v1/jobs/job/close old',
      'GET /api/v1/session ',
      'POST /api/v1/jobs/job/close new',
    ])
    vi.unstubAllGlobals()
  })

  it('asks again by itself while too many are at work', async () => {
    vi.useFakeTimers()
    let asked = 0
    vi.stubGlobal('fetch', async () => {
      await Promise.resolve()
      return ++asked < 3
        ? Response.json({ status: 503, type: 'urn:oldtallow:busy' }, { status: 503 })
        : Response.json({ id: 'job', number: 3 })
    })
    const job = dataOf(client.GET('/api/v1/jobs/{jobId}', { params: ofJob }))
    await vi.runAllTimersAsync()
    expect((await job).number).toBe(3)
    expect(asked).toBe(3)
    vi.unstubAllGlobals()
    vi.useRealTimers()
  })
})
