import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  readBearing: (text: string) =>
    dataOf(client.GET('/api/v1/bearing-sets/read', { params: { query: { text } } })),
  identifyReference: () => dataOf(client.GET('/api/v1/identify')),
  identify: (body: Schemas['IdentifyForm']) => dataOf(client.POST('/api/v1/identify', { body })),
}
