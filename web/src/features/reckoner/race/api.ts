import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  coneFit: (body: Schemas['ConeFitForm']) =>
    dataOf(client.POST('/api/v1/reckon/cone-fit', { body })),
  cupDriver: (body: Schemas['CupDriverForm']) =>
    dataOf(client.POST('/api/v1/reckon/cup-driver', { body })),
  seated: (body: Schemas['SeatedForm']) => dataOf(client.POST('/api/v1/reckon/seated', { body })),
}
