import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  drag: (body: Schemas['DragForm']) => dataOf(client.POST('/api/v1/readings/drag', { body })),
  freeChart: (body: Schemas['FreeChartForm']) =>
    dataOf(client.POST('/api/v1/reckoner/setting-chart', { body })),
}
