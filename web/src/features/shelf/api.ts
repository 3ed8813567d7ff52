import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  shelf: () => dataOf(client.GET('/api/v1/shelf')),
  enterStock: (body: Schemas['StockItemForm']) =>
    dataOf(client.POST('/api/v1/shelf/items', { body })),
  takeIn: (id: string, body: Schemas['DeliveryForm']) =>
    dataOf(client.POST('/api/v1/shelf/items/{id}/batches', { params: at(id), body })),
  moveStock: (batchId: string, body: Schemas['StockMoveForm']) =>
    dataOf(client.POST('/api/v1/shelf/batches/{id}/moves', { params: at(batchId), body })),
  countStock: (batchId: string, body: Schemas['CountForm']) =>
    dataOf(client.POST('/api/v1/shelf/batches/{id}/count', { params: at(batchId), body })),
  orderList: () => dataOf(client.GET('/api/v1/order-list')),
  planJob: (body: Schemas['PlannedJobForm']) =>
    dataOf(client.POST('/api/v1/planned-jobs', { body })),
  dropPlan: (id: string) => dataOf(client.DELETE('/api/v1/planned-jobs/{id}', { params: at(id) })),
  recall: (batch: string) =>
    dataOf(client.GET('/api/v1/shelf/recall', { params: { query: { batch } } })),
}
