import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  jobCosts: (id: string, waitingDays: number, hubBrings?: Schemas['Choices']['hubBrings']) =>
    dataOf(
      client.GET('/api/v1/wheel-ends/{id}/job-costs', {
        params: { ...at(id), query: { waitingDays, ...(hubBrings && { hubBrings }) } },
      }),
    ),
  rigJobPlan: (rigId: string, body: Schemas['RigPlanForm']) =>
    dataOf(client.POST('/api/v1/rigs/{rigId}/job-plan', { params: { path: { rigId } }, body })),
  openRigJob: (rigId: string, body: Schemas['NewRigJobForm']) =>
    dataOf(client.POST('/api/v1/rigs/{rigId}/jobs', { params: { path: { rigId } }, body })),
  jobs: () => dataOf(client.GET('/api/v1/jobs')),
  pastJobsOfWheelEnd: (id: string) =>
    dataOf(client.GET('/api/v1/wheel-ends/{id}/past-jobs', { params: { path: { id } } })),
  pastJobsOfRig: (id: string) =>
    dataOf(client.GET('/api/v1/rigs/{id}/past-jobs', { params: { path: { id } } })),
}
