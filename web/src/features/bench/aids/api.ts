import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  sense: (id: string, body: Schemas['SenseForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/sense', { params: at(id), body })),
}
