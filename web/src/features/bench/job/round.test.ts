import { beforeEach, describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { answerWith, json } from '$testing/answers'
import { pace } from '$features/display'
import { Bench } from './bench.svelte'
import { jobAt, step } from '$testing/job-at'

describe('the bench with another hub of the rig', () => {
  const warmth = {
    id: 'look.temperature',
    cautions: [],
    checks: [],
    asks: [],
    readings: [{ kind: 'HUB_TEMPERATURE', units: [{ unit: 'DEGREE_CELSIUS' }] }],
    once: false,
    together: true,
  } as unknown as Schemas['BenchStepView']
  const odometer = {
    ...warmth,
    id: 'prepare.odometer',
    readings: [{ kind: 'ODOMETER', units: [{ unit: 'KILOMETRE' }] }],
    once: true,
  } as unknown as Schemas['BenchStepView']
  let job = jobAt(step, 1)
  let bodies: unknown[] = []

  beforeEach(() => {
    bodies = []
    pace.start({ id: 'ines', role: 'OWNER' })
    const run = {
      stop: 'NONE',
      steps: [warmth, odometer],
      alongside: [{ jobId: 'other', position: 'right', steps: [warmth, odometer] }],
    }
    job = {
      ...jobAt(warmth, 1),
      walk: { ...jobAt(warmth, 1).walk, run },
    } as unknown as Schemas['JobView']
    answerWith((path, body) => {
      if (path === '/api/v1/jobs/job/runs') {
        bodies.push(body)
        const after = jobAt(step, 2)
        return json({ ...after, round: { ...after.round, next: 'other' } })
      }
      return json(path === '/api/v1/jobs/job' ? job : { parts: [], signs: [] })
    })
    return () => {
      pace.start({ id: 'wil', role: 'APPRENTICE' })
    }
  })

  it('sends one press for both, each with its own numbers, and goes where it is told', async () => {
    const went: string[] = []
    const bench = new Bench(
      'job',
      () => true,
      '',
      (next) => went.push(next),
    )
    await bench.load()
    expect(bench.readings.all.map((one) => [one.kind.kind, one.at?.position])).toEqual([
      ['HUB_TEMPERATURE', undefined],
      ['ODOMETER', undefined],
      ['HUB_TEMPERATURE', 'right'],
    ])
    bench.readings.all.forEach((one, i) => (one.text = String(40 + i)))
    await bench.finishRun()
    expect(bodies).toEqual([
      expect.objectContaining({
        steps: [
          expect.objectContaining({
            readings: [{ kind: 'HUB_TEMPERATURE', number: 40, unit: 'DEGREE_CELSIUS' }],
          }),
          expect.objectContaining({
            readings: [{ kind: 'ODOMETER', number: 41, unit: 'KILOMETRE' }],
          }),
        ],
        alongside: [
          {
            jobId: 'other',
            steps: [
              expect.objectContaining({
                readings: [{ kind: 'HUB_TEMPERATURE', number: 42, unit: 'DEGREE_CELSIUS' }],
              }),
              expect.objectContaining({ readings: [] }),
            ],
          },
        ],
      }),
    ])
    expect(went).toEqual(['other'])
  })

  it('goes through a stage of the whole rig with all hubs, step by step too', async () => {
    pace.start({ id: 'wil', role: 'APPRENTICE' })
    const bench = new Bench('job', () => true)
    await bench.load()
    expect(bench.readings.all.map((one) => [one.kind.kind, one.at?.position])).toEqual([
      ['HUB_TEMPERATURE', undefined],
      ['HUB_TEMPERATURE', 'right'],
    ])
    await bench.finish()
    const look = [expect.objectContaining({ stepId: 'look.temperature' })]
    expect(bodies).toEqual([
      expect.objectContaining({ steps: look, alongside: [{ jobId: 'other', steps: look }] }),
    ])
  })

  it('leaves a hub out where nobody has been', async () => {
    const bench = new Bench('job', () => true)
    await bench.load()
    bench.leaveOut('other')
    expect(bench.readings.all.some((one) => one.at)).toBe(false)
    await bench.finishRun()
    expect(bodies).toHaveLength(1)
    expect(bodies[0]).not.toHaveProperty('alongside')
  })

  it('goes to a hub that is not as far before the rig comes down', async () => {
    const hub = { jobId: 'other', position: 'right', state: 'OPEN', stepsLeft: 9 }
    job = {
      ...job,
      round: { ...job.round, behind: ['other'], hubs: [...job.round.hubs, hub] },
    } as unknown as Schemas['JobView']
    const bench = new Bench('job', () => true)
    await bench.load()
    expect(bench.move).toEqual({ does: 'others', hub })
  })

  it('closes the job with its last press, at all hubs', async () => {
    const { run } = job.walk
    const hubs = [
      { jobId: 'job', state: 'OPEN', stepsLeft: 2 },
      { jobId: 'other', state: 'OPEN', stepsLeft: 2 },
    ]
    job = { ...job, round: { ...job.round, hubs } } as unknown as Schemas['JobView']
    expect(run?.steps).toHaveLength(2)
    const bench = new Bench('job', () => true)
    await bench.load()
    expect(bench.closesIt).toBe(true)
    bench.leaveOut('other')
    expect(bench.closesIt).toBe(false)
    const apprentice = new Bench('job', () => false)
    await apprentice.load()
    expect(apprentice.closesIt).toBe(false)
  })
})
