import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  wheelNuts: (body: Schemas['WheelNutsForm']) =>
    dataOf(client.POST('/api/v1/reckon/wheel-nuts', { body })),
}
