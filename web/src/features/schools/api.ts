import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  ownSchools: () => dataOf(client.GET('/api/v1/nut-schools/own')),
  putSchool: (id: string, version: number, body: Schemas['ProcedureForm']) =>
    dataOf(
      client.PUT('/api/v1/nut-schools/own/{id}', {
        params: { path: { id }, query: { version } },
        body,
      }),
    ),
  retireSchool: (id: string) =>
    dataOf(client.DELETE('/api/v1/nut-schools/own/{id}', { params: at(id) })),
}
