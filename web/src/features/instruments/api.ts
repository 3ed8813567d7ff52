import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  instruments: () => dataOf(client.GET('/api/instruments')),
  nearbyInstruments: () => dataOf(client.GET('/api/instruments/nearby')),
  pairInstrument: (body: Schemas['PairForm']) => dataOf(client.POST('/api/instruments', { body })),
  forgetInstrument: (id: string) =>
    dataOf(client.DELETE('/api/instruments/{id}', { params: at(id) })),
  takeReading: (id: string) =>
    dataOf(client.POST('/api/instruments/{id}/take', { params: at(id) })),
}
