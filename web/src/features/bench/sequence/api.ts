import { client, dataOf, type Schemas } from '$api/request'

const ofJob = (jobId: string) => ({ path: { jobId } })

export const api = {
  sequence: (jobId: string) =>
    dataOf(client.GET('/api/v1/jobs/{jobId}/sequence', { params: ofJob(jobId) })),
  chooseProcedure: (jobId: string, body: Schemas['ProcedureChosenForm']) =>
    dataOf(
      client.POST('/api/v1/jobs/{jobId}/adjustment-procedure', { params: ofJob(jobId), body }),
    ),
  senseDrag: (jobId: string, body: Schemas['TakenForm']) =>
    dataOf(client.POST('/api/v1/jobs/{jobId}/drag', { params: ofJob(jobId), body })),
}
