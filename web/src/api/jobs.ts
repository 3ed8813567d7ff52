import { client, dataOf, type Schemas } from './request'

const at = (jobId: string) => ({ path: { jobId } })

/** Jobs on the bench. Each change answers with the job as it stands then. */
export const jobs = {
  jobPlan: (wheelEndId: string, body: Schemas['PlanForm']) =>
    dataOf(
      client.POST('/api/wheel-ends/{wheelEndId}/job-plan', {
        params: { path: { wheelEndId } },
        body,
      }),
    ),
  openJob: (wheelEndId: string, body: Schemas['NewJobForm']) =>
    dataOf(
      client.POST('/api/wheel-ends/{wheelEndId}/jobs', { params: { path: { wheelEndId } }, body }),
    ),
  jobs: () => dataOf(client.GET('/api/jobs')),
  pastJobsOfWheelEnd: (id: string) =>
    dataOf(client.GET('/api/wheel-ends/{id}/past-jobs', { params: { path: { id } } })),
  pastJobsOfRig: (id: string) =>
    dataOf(client.GET('/api/rigs/{id}/past-jobs', { params: { path: { id } } })),
  job: (id: string) => dataOf(client.GET('/api/jobs/{jobId}', { params: at(id) })),
  stepDone: (id: string, body: Schemas['StepDoneForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/steps', { params: at(id), body })),
  undoStep: (id: string, body: Schemas['UndoForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/undo', { params: at(id), body })),
  waive: (id: string, body: Schemas['WaiverForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/waivers', { params: at(id), body })),
  condemn: (id: string, body: Schemas['CondemnedForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/condemned', { params: at(id), body })),
  benchReference: () => dataOf(client.GET('/api/bench-reference')),
  firstLook: (id: string, body: Schemas['FirstLookForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/first-look', { params: at(id), body })),
  judge: (id: string, body: Schemas['JudgingForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/judgings', { params: at(id), body })),
  addJobPhoto: (jobId: string, photoId: string, stepId: string, file: Blob) =>
    dataOf(
      client.PUT('/api/jobs/{jobId}/photos/{photoId}', {
        params: { path: { jobId, photoId }, query: { stepId } },
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as Blob,
        headers: { 'content-type': 'application/octet-stream' },
      }),
    ),
  rescope: (id: string, body: Schemas['RescopeForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/scope', { params: at(id), body })),
  jobGrease: (id: string, body: Schemas['GreasedForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/grease', { params: at(id), body })),
  jobWaits: (id: string, body: Schemas['WaitsForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/waits', { params: at(id), body })),
  jobGoesOn: (id: string, body: Schemas['PlainEntryForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/went-on', { params: at(id), body })),
  closeJob: (id: string, body: Schemas['PlainEntryForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/close', { params: at(id), body })),
  signJobOff: (id: string, body: Schemas['PlainEntryForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/sign-off', { params: at(id), body })),
  abandonJob: (id: string, body: Schemas['ReasonForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/abandon', { params: at(id), body })),
}
