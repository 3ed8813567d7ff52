import { client, dataOf } from '$api/request'

export const api = {
  nutHub: (id: string) =>
    dataOf(client.GET('/api/wheel-ends/{id}/nut', { params: { path: { id } } })),
}
