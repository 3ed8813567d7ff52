import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  greaseCode: (code: string) =>
    dataOf(client.POST('/api/v1/reckon/grease-code', { body: { code } })),
  grease: (body: Schemas['GreaseForm']) => dataOf(client.POST('/api/v1/reckon/grease', { body })),
}
