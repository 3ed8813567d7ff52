import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  fitReference: () => dataOf(client.GET('/api/reckon/fits')),
  cupFit: (body: Schemas['CupFitForm']) => dataOf(client.POST('/api/reckon/cup-fit', { body })),
}
