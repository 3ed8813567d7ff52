import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  jobCosts: (id: string, waitingDays: number, hubBrings?: Schemas['Choices']['hubBrings']) =>
    dataOf(
      client.GET('/api/wheel-ends/{id}/job-costs', {
        params: { ...at(id), query: { waitingDays, ...(hubBrings && { hubBrings }) } },
      }),
    ),
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
}
