import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  playReadings: (id: string, body: Schemas['DialReadingsForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/play-readings', { params: at(id), body })),
}
