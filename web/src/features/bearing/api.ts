import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  readBearing: (text: string) =>
    dataOf(client.GET('/api/bearing-sets/read', { params: { query: { text } } })),
  identifyReference: () => dataOf(client.GET('/api/identify')),
  identify: (body: Schemas['IdentifyForm']) => dataOf(client.POST('/api/identify', { body })),
}
