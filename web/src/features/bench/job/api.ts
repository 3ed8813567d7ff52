import { client, dataOf, type Schemas } from '$api/request'

const ofJob = (jobId: string) => ({ path: { jobId } })

export const api = {
  senseTorque: (jobId: string, body: Schemas['TakenForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/torque', { params: ofJob(jobId), body })),
}
