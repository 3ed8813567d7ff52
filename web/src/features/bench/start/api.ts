import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  jobCosts: (id: string, waitingDays: number, hubBrings?: Schemas['Choices']['hubBrings']) =>
    dataOf(
      client.GET('/api/v1/wheel-ends/{id}/job-costs', {
        params: { ...at(id), query: { waitingDays, ...(hubBrings && { hubBrings }) } },
      }),
    ),
  jobPlan: (wheelEndId: string, body: Schemas['PlanForm']) =>
    dataOf(
      client.POST('/api/v1/wheel-ends/{wheelEndId}/job-plan', {
        params: { path: { wheelEndId } },
        body,
      }),
    ),
  openJob: (wheelEndId: string, body: Schemas['NewJobForm']) =>
    dataOf(
      client.POST('/api/v1/wheel-ends/{wheelEndId}/jobs', {
        params: { path: { wheelEndId } },
        body,
      }),
    ),
  jobs: () => dataOf(client.GET('/api/v1/jobs')),
  pastJobsOfWheelEnd: (id: string) =>
    dataOf(client.GET('/api/v1/wheel-ends/{id}/past-jobs', { params: { path: { id } } })),
  pastJobsOfRig: (id: string) =>
    dataOf(client.GET('/api/v1/rigs/{id}/past-jobs', { params: { path: { id } } })),
}
