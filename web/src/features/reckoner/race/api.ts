import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  coneFit: (body: Schemas['ConeFitForm']) => dataOf(client.POST('/api/reckon/cone-fit', { body })),
  cupDriver: (body: Schemas['CupDriverForm']) =>
    dataOf(client.POST('/api/reckon/cup-driver', { body })),
  seated: (body: Schemas['SeatedForm']) => dataOf(client.POST('/api/reckon/seated', { body })),
}
