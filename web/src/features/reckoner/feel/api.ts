import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  drag: (body: Schemas['DragForm']) => dataOf(client.POST('/api/readings/drag', { body })),
  freeChart: (body: Schemas['FreeChartForm']) =>
    dataOf(client.POST('/api/reckoner/setting-chart', { body })),
}
