import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })
type Entry = Schemas['FigureEntry']
const ofJob = (jobId: string) => ({ path: { jobId } })

export const records = {
  greaseReference: () => dataOf(client.GET('/api/v1/reckon/greases')),
  rig: (id: string) => dataOf(client.GET('/api/v1/rigs/{id}', { params: at(id) })),
  standings: (id: string) => dataOf(client.GET('/api/v1/rigs/{id}/standings', { params: at(id) })),
  wheelEnd: (id: string) => dataOf(client.GET('/api/v1/wheel-ends/{id}', { params: at(id) })),
  section: (id: string) =>
    dataOf(client.GET('/api/v1/wheel-ends/{id}/section', { params: at(id) })),
  constructions: () => dataOf(client.GET('/api/v1/constructions')),
  greasings: (id: string) =>
    dataOf(client.GET('/api/v1/wheel-ends/{id}/grease', { params: at(id) })),
  aids: (id: string) => dataOf(client.GET('/api/v1/wheel-ends/{id}/aids', { params: at(id) })),
  tools: () => dataOf(client.GET('/api/v1/tools')),
  ladder: (wheelEndId: string) =>
    dataOf(
      client.GET('/api/v1/wheel-ends/{wheelEndId}/figures', { params: { path: { wheelEndId } } }),
    ),
  fileForWheelEnd: (wheelEndId: string, place: 'WHEEL_END' | 'AXLE' | 'RIG', body: Entry) =>
    dataOf(
      client.POST('/api/v1/wheel-ends/{wheelEndId}/figures', {
        params: { path: { wheelEndId }, query: { place } },
        body,
      }),
    ),
  yard: (query: { show?: 'ALL' | 'DUE'; owner?: string; more?: string }) =>
    dataOf(client.GET('/api/v1/yard', { params: { query } })),
  reference: () => dataOf(client.GET('/api/v1/nut-reference')),
  intervalPractices: () => dataOf(client.GET('/api/v1/interval-practices')),
  job: (id: string) => dataOf(client.GET('/api/v1/jobs/{jobId}', { params: ofJob(id) })),
  usualChoices: () => dataOf(client.GET('/api/v1/workshop/usual-choices')),
  keepUsualChoices: (body: Schemas['ChoicesForm']) =>
    dataOf(client.PUT('/api/v1/workshop/usual-choices', { body })),
  benchReference: () => dataOf(client.GET('/api/v1/bench-reference')),
}
