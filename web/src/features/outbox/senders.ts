import { api, type PhotoBody } from './api'
import { records } from '$features/records'
import type { Schemas } from '$api/request'

type Job = Schemas['JobView']

/** What an outbox takes, and how it is sent. Entries of a job are answered with the job as it stands then. */
export const senders = {
  step: (jobId: string, body: Schemas['StepDoneForm']) => api.stepDone(jobId, body),
  run: (jobId: string, body: Schemas['RunDoneForm']) => api.runDone(jobId, body),
  undo: (jobId: string, body: Schemas['UndoForm']) => api.undoStep(jobId, body),
  waiver: (jobId: string, body: Schemas['WaiverForm']) => api.waive(jobId, body),
  way: (jobId: string, body: Schemas['WayChosenForm']) => api.way(jobId, body),
  notHere: (jobId: string, body: Schemas['NotHereForm']) => api.notHere(jobId, body),
  note: (jobId: string, body: Schemas['NoteForm']) => api.note(jobId, body),
  condemned: (jobId: string, body: Schemas['CondemnedForm']) => api.condemn(jobId, body),
  look: (jobId: string, body: Schemas['FirstLookForm']) => api.firstLook(jobId, body),
  judging: (jobId: string, body: Schemas['JudgingForm']) => api.judge(jobId, body),
  grease: (jobId: string, body: Schemas['GreasedForm']) => api.jobGrease(jobId, body),
  scope: (jobId: string, body: Schemas['RescopeForm']) => api.rescope(jobId, body),
  reopened: (jobId: string, body: Schemas['SettingReopenedForm']) =>
    api.settingReopened(jobId, body),
  cupMoved: (jobId: string, body: Schemas['CupMovedForm']) => api.cupMoved(jobId, body),
  waits: (jobId: string, body: Schemas['WaitsForm']) => api.jobWaits(jobId, body),
  goesOn: (jobId: string, body: Schemas['PlainEntryForm']) => api.jobGoesOn(jobId, body),
  close: (jobId: string, body: Schemas['PlainEntryForm']) => api.closeJob(jobId, body),
  signOff: (jobId: string, body: Schemas['PlainEntryForm']) => api.signJobOff(jobId, body),
  abandon: (jobId: string, body: Schemas['ReasonForm']) => api.abandonJob(jobId, body),
  photo: async (jobId: string, body: PhotoBody): Promise<Job> => {
    await api.addJobPhoto(jobId, body)
    return records.job(jobId)
  },
  /** Of the nut: of a job, or of a wheel end by itself. */
  setting: (_: string, body: { id: string; wheelEndId: string; form: Schemas['NutSettingForm'] }) =>
    api.saveSetting(body.wheelEndId, body.form),
} satisfies Record<string, (jobId: string, body: never) => Promise<unknown>>

export type Kind = keyof typeof senders
export type JobKind = Exclude<Kind, 'setting'>
export type Answer<K extends Kind> = Awaited<ReturnType<(typeof senders)[K]>>
export type Body<K extends Kind> = Parameters<(typeof senders)[K]>[1]

/** An entry that was made here; its id stays the same until it is known what became of it. */
export interface Waiting<K extends Kind = Kind> {
  /** The job it belongs to; a wheel end where it is of no job. */
  jobId: string
  kind: K
  body: Body<K>
  /** What it is, in a few words. */
  what: string
}

/** Sends one; what its sender answers. */
export const sendOne = (one: Waiting): Promise<unknown> =>
  // kind and body were put in together
  (senders[one.kind] as (jobId: string, body: unknown) => Promise<unknown>)(one.jobId, one.body)
