import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  ownProcedures: () => dataOf(client.GET('/api/v1/adjustment-procedures/own')),
  putProcedure: (id: string, version: number, body: Schemas['ProcedureForm']) =>
    dataOf(
      client.PUT('/api/v1/adjustment-procedures/own/{id}', {
        params: { path: { id }, query: { version } },
        body,
      }),
    ),
  retireProcedure: (id: string) =>
    dataOf(client.DELETE('/api/v1/adjustment-procedures/own/{id}', { params: at(id) })),
}
