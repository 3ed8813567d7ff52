import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  instruments: () => dataOf(client.GET('/api/v1/instruments')),
  nearbyInstruments: () => dataOf(client.GET('/api/v1/instruments/nearby')),
  pairInstrument: (body: Schemas['PairForm']) =>
    dataOf(client.POST('/api/v1/instruments', { body })),
  forgetInstrument: (id: string) =>
    dataOf(client.DELETE('/api/v1/instruments/{id}', { params: at(id) })),
  takeReading: (id: string) =>
    dataOf(client.POST('/api/v1/instruments/{id}/take', { params: at(id) })),
}
