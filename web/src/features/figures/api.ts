import { client, dataOf } from '$api/request'

export const api = {
  withdrawOfWheelEnd: (wheelEndId: string, id: string, version: number) =>
    dataOf(
      client.DELETE('/api/v1/wheel-ends/{wheelEndId}/figures/{id}', {
        params: { path: { wheelEndId, id }, query: { version } },
      }),
    ),
}
