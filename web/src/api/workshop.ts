import { client, dataOf, type Schemas } from './request'

const at = (id: string) => ({ path: { id } })

/** The workshop's own tools, and what its time costs. */
export const workshop = {
  tools: () => dataOf(client.GET('/api/tools')),
  putTool: (id: string, body: Schemas['WorkshopToolForm']) =>
    dataOf(client.PUT('/api/tools/{id}', { params: at(id), body })),
  removeTool: (id: string) => dataOf(client.DELETE('/api/tools/{id}', { params: at(id) })),
  rates: () => dataOf(client.GET('/api/workshop/rates')),
  setRates: (body: Schemas['RatesForm']) => dataOf(client.PUT('/api/workshop/rates', { body })),
}
