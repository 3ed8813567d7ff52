import { beforeEach, describe, expect, it, vi } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { Bench } from './bench.svelte'
import { jobAt, step } from '$testing/job-at'
import { outbox } from '$features/outbox'

describe('the bench', () => {
  let job = jobAt(step, 3)
  let sent: string[] = []
  let bodies: unknown[] = []
  let reachable = true

  beforeEach(() => {
    localStorage.clear()
    job = jobAt(step, 3)
    sent = []
    bodies = []
    reachable = true
    answerWith((path, body) => {
      if (path === '/api/v1/jobs/job') return json(job)
      if (path === '/api/v1/jobs/job/steps') {
        bodies.push(body)
        if (!reachable) throw new TypeError('no line')
        sent.push(path)
        job = jobAt(undefined, 4)
        return json(job)
      }
      return json({ parts: [], signs: [] })
    })
  })

  it('asks for cautions, then for the step with what must hold of it', async () => {
    const bench = new Bench('job', () => true)
    await bench.load()
    expect(bench.move.does).toBe('caution')
    bench.meetCaution('FALLING_RIG')
    expect(bench.move.does).toBe('finish')
    await bench.finish()
    expect(bodies.at(-1)).toMatchObject({ checksMet: ['raise.on-stands'] })
    expect(bench.move.does).toBe('close')
  })

  it('warns once a job, and shows it where it was said in full', async () => {
    const bench = new Bench('job', () => true)
    await bench.load()
    bench.meetCaution('FALLING_RIG')
    expect(bench.cautionKnown('FALLING_RIG'), 'it stands here in full').toBe(false)

    const later = new Bench('job', () => true)
    await later.load()
    expect(later.cautionKnown('FALLING_RIG')).toBe(true)
    expect(later.move.does).toBe('finish')
  })

  it('keeps a step that nobody took, and shows the job once it is taken', async () => {
    const bench = new Bench('job', () => true)
    await bench.load()
    reachable = false
    const finished = bench.finish()
    await vi.waitFor(() => expect(outbox.problem?.status).toBe(0))
    expect(bench.hasWaiting).toBe(true)
    expect(bench.step?.id).toBe('raise.jack')

    // pressed again while it waits: no second entry
    expect(await bench.close()).toBe(false)
    expect(outbox.of('job')).toHaveLength(1)

    reachable = true
    await outbox.send()
    await finished
    expect(sent).toHaveLength(1)
    expect(bench.hasWaiting).toBe(false)
    expect(bench.step).toBeNull()
  })

  it('knows of a first tap when the second comes before its answer', async () => {
    const looks: unknown[] = []
    answerWith(async (path, body) => {
      if (path === '/api/v1/jobs/job/first-look') {
        looks.push(body)
        await Promise.resolve()
        return json(jobAt(step, 4))
      }
      return json(path === '/api/v1/jobs/job' ? job : { parts: [], signs: [] })
    })
    const bench = new Bench('job', () => true)
    await bench.load()
    const first = bench.look({ kind: 'GREASE', value: 'RUSTY' })
    const second = bench.look({ kind: 'LOCK', value: 'NUT_LOOSE' })
    expect(bench.signs.map((sign) => sign.value)).toEqual(['RUSTY', 'NUT_LOOSE'])
    await Promise.all([first, second])
    expect(bench.signs).toEqual([])
  })

  it('names the other hubs of the rig and the jobs on them', async () => {
    answerWith((path) => {
      if (path === '/api/v1/jobs/job') return json({ ...job, hub: { ...job.hub, rigId: 'rig' } })
      if (path === '/api/v1/rigs/rig/standings') {
        return json([{ id: 'end' }, { id: 'other', openJobId: 'its job' }])
      }
      return json({ parts: [], signs: [] })
    })
    const bench = new Bench('job', () => true)
    await bench.load()
    expect(bench.otherEnds).toBeNull()
    await bench.loadOtherEnds()
    expect(bench.otherEnds).toEqual([{ id: 'other', openJobId: 'its job' }])
  })

  it('takes no press for a moment where somebody else has just changed the card', async () => {
    vi.useFakeTimers()
    const bench = new Bench('job', () => true)
    await bench.load()
    expect(bench.overtaken).toBe(false)
    job = jobAt(undefined, 9)
    await bench.load()
    expect(bench.overtaken).toBe(true)
    expect(await bench.nothingFound('HUB')).toBe(false)
    expect(sent).toEqual([])
    vi.advanceTimersByTime(1000)
    expect(bench.overtaken).toBe(false)
    vi.useRealTimers()
  })

  it('waits for nobody after a press of its own', async () => {
    const bench = new Bench('job', () => true)
    await bench.load()
    await bench.finish()
    expect(bench.step).toBeNull()
    expect(bench.overtaken).toBe(false)
  })

  it('forgets an answer that was overtaken', async () => {
    const bench = new Bench('job', () => true)
    job = jobAt(undefined, 9)
    await bench.load()
    job = jobAt(step, 3)
    await bench.load()
    expect(bench.job?.number).toBe(9)
  })
})
