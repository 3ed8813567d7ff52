import { client, dataOf } from '$api/request'

export const api = {
  nutHub: (id: string) =>
    dataOf(client.GET('/api/v1/wheel-ends/{id}/nut', { params: { path: { id } } })),
}
