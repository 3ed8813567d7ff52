import { client, dataOf } from '$api/request'

export const api = {
  tripPlan: (id: string) =>
    dataOf(client.GET('/api/v1/trips/{id}/plan', { params: { path: { id } } })),
}
