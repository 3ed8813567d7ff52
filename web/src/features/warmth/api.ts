import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  warmth: (rigId: string) =>
    dataOf(client.GET('/api/v1/rigs/{rigId}/warmth', { params: { path: { rigId } } })),
  putWarmth: (rigId: string, id: string, body: Schemas['StopForm']) =>
    dataOf(
      client.PUT('/api/v1/rigs/{rigId}/warmth/{id}', { params: { path: { rigId, id } }, body }),
    ),
  removeWarmth: (rigId: string, id: string) =>
    dataOf(client.DELETE('/api/v1/rigs/{rigId}/warmth/{id}', { params: { path: { rigId, id } } })),
}
