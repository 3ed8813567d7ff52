import { client, dataOf } from '$api/request'

export const api = {
  palette: (q: string) => dataOf(client.GET('/api/v1/palette', { params: { query: { q } } })),
}
