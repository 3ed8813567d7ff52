import { client, dataOf, type Schemas } from '$api/request'

const ofJob = (jobId: string) => ({ path: { jobId } })

export const api = {
  senseTorque: (jobId: string, body: Schemas['TakenForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/torque', { params: ofJob(jobId), body })),
  addHub: (jobId: string, body: Schemas['JobHubForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/hubs', { params: ofJob(jobId), body })),
  letGo: (jobId: string, body: Schemas['LetGoForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/let-go', { params: ofJob(jobId), body })),
  recordAbsent: (jobId: string) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/not-here/recorded', { params: ofJob(jobId) })),
  reorder: (jobId: string, body: Schemas['RoundForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/round', { params: ofJob(jobId), body })),
}
