import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  calculate: (body: Schemas['NutCalculationForm']) =>
    dataOf(client.POST('/api/v1/nut-calculations', { body })),
}
