import type { Schemas } from '$api/request'

/** A step and a job at it, for tests. */
export const step = {
  id: 'raise.jack',
  cautions: [{ id: 'FALLING_RIG', title: 'A jack lets go', words: '', licensedWork: false }],
  checks: [{ id: 'raise.on-stands', says: 'it stands', must: true, met: false, waived: false }],
  readings: [],
} as unknown as Schemas['BenchStepView']

export const jobAt = (
  now: Schemas['BenchStepView'] | undefined,
  number: number,
): Schemas['JobView'] =>
  ({
    id: 'job',
    state: 'OPEN',
    hub: { wheelEndId: 'end' },
    number,
    walk: { now, done: Array.from({ length: number }, () => ({})), ahead: [] },
    parts: { tray: [], offSection: [] },
    closing: { toAnswerFor: [], hindrances: [] },
    judgings: [],
    round: {
      rigJobId: 'rig job',
      order: 'STAGE_BY_STAGE',
      behind: [],
      hubs: [{ jobId: 'job', wheelEndId: 'end', position: 'left', state: 'OPEN', stepsLeft: 1 }],
    },
  }) as unknown as Schemas['JobView']
