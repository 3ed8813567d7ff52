import { client, dataOf } from '$api/request'

export const api = {
  palette: (q: string) => dataOf(client.GET('/api/palette', { params: { query: { q } } })),
}
