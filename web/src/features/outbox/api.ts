import { client, dataOf, type Schemas } from '$api/request'

/** A photo on its way, with the step it was taken at and the part it shows. */
export interface PhotoBody {
  id: string
  stepId: string
  part?: Schemas['PartNameView']['part']
  file: Blob
}

const ofJob = (jobId: string) => ({ path: { jobId } })

export const api = {
  settingReopened: (jobId: string, body: Schemas['SettingReopenedForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/setting-reopened', { params: ofJob(jobId), body })),
  cupMoved: (jobId: string, body: Schemas['CupMovedForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/cup-moved', { params: ofJob(jobId), body })),
  saveSetting: (wheelEndId: string, body: Schemas['NutSettingForm']) =>
    dataOf(
      client.POST('/api/v1/wheel-ends/{wheelEndId}/nut-settings', {
        params: { path: { wheelEndId } },
        body,
      }),
    ),
  stepDone: (id: string, body: Schemas['StepDoneForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/steps', { params: ofJob(id), body })),
  runDone: (id: string, body: Schemas['RunDoneForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/runs', { params: ofJob(id), body })),
  undoStep: (id: string, body: Schemas['UndoForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/undo', { params: ofJob(id), body })),
  waive: (id: string, body: Schemas['WaiverForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/waivers', { params: ofJob(id), body })),
  condemn: (id: string, body: Schemas['CondemnedForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/condemned', { params: ofJob(id), body })),
  firstLook: (id: string, body: Schemas['FirstLookForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/first-look', { params: ofJob(id), body })),
  judge: (id: string, body: Schemas['JudgingForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/judgings', { params: ofJob(id), body })),
  way: (id: string, body: Schemas['WayChosenForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/ways', { params: ofJob(id), body })),
  notHere: (id: string, body: Schemas['NotHereForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/not-here', { params: ofJob(id), body })),
  note: (id: string, body: Schemas['NoteForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/notes', { params: ofJob(id), body })),
  addJobPhoto: (jobId: string, { id, stepId, part, file }: PhotoBody) =>
    dataOf(
      client.PUT('/api/v1/jobs/{jobId}/photos/{photoId}', {
        params: { path: { jobId, photoId: id }, query: { stepId, ...(part && { part }) } },
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as Blob,
        headers: { 'content-type': 'application/octet-stream' },
      }),
    ),
  rescope: (id: string, body: Schemas['RescopeForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/scope', { params: ofJob(id), body })),
  jobGrease: (id: string, body: Schemas['GreasedForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/grease', { params: ofJob(id), body })),
  jobWaits: (id: string, body: Schemas['WaitsForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/waits', { params: ofJob(id), body })),
  jobGoesOn: (id: string, body: Schemas['PlainEntryForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/went-on', { params: ofJob(id), body })),
  closeJob: (id: string, body: Schemas['PlainEntryForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/close', { params: ofJob(id), body })),
  signJobOff: (id: string, body: Schemas['PlainEntryForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/sign-off', { params: ofJob(id), body })),
  abandonJob: (id: string, body: Schemas['ReasonForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/abandon', { params: ofJob(id), body })),
}
