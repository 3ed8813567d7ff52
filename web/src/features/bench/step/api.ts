import { client, dataOf } from '$api/request'

export const api = {
  wheelNutsOf: (id: string, studs: number) =>
    dataOf(
      client.GET('/api/v1/wheel-ends/{id}/wheel-nuts', {
        params: { path: { id }, query: { studs } },
      }),
    ),
}
