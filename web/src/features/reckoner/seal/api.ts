import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  sealLand: (body: Schemas['SealLandForm']) =>
    dataOf(client.POST('/api/v1/reckon/seal-land', { body })),
  seal: (body: Schemas['SealForm']) => dataOf(client.POST('/api/v1/reckon/seal', { body })),
  cap: (body: Schemas['CapForm']) => dataOf(client.POST('/api/v1/reckon/cap', { body })),
}
