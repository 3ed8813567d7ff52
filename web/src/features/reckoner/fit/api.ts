import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  fitReference: () => dataOf(client.GET('/api/v1/reckon/fits')),
  cupFit: (body: Schemas['CupFitForm']) => dataOf(client.POST('/api/v1/reckon/cup-fit', { body })),
}
