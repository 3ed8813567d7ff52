import { client, dataOf, type Schemas } from './request'

type Entry = Schemas['FigureEntry']

/** Figures: the maker's, the workshop's rules, and what governs. */
export const figures = {
  rules: () => dataOf(client.GET('/api/workshop/rules')),
  setRule: (body: Entry) => dataOf(client.POST('/api/workshop/rules', { body })),
  withdrawRule: (id: string, version: number) =>
    dataOf(
      client.DELETE('/api/workshop/rules/{id}', { params: { path: { id }, query: { version } } }),
    ),
  figuresOfRig: (rigId: string) =>
    dataOf(client.GET('/api/rigs/{rigId}/figures', { params: { path: { rigId } } })),
  fileForRig: (rigId: string, body: Entry) =>
    dataOf(client.POST('/api/rigs/{rigId}/figures', { params: { path: { rigId } }, body })),
  withdrawOfRig: (rigId: string, id: string, version: number) =>
    dataOf(
      client.DELETE('/api/rigs/{rigId}/figures/{id}', {
        params: { path: { rigId, id }, query: { version } },
      }),
    ),
  ladder: (wheelEndId: string) =>
    dataOf(
      client.GET('/api/wheel-ends/{wheelEndId}/figures', { params: { path: { wheelEndId } } }),
    ),
  fileForWheelEnd: (wheelEndId: string, place: 'WHEEL_END' | 'AXLE' | 'RIG', body: Entry) =>
    dataOf(
      client.POST('/api/wheel-ends/{wheelEndId}/figures', {
        params: { path: { wheelEndId }, query: { place } },
        body,
      }),
    ),
  withdrawOfWheelEnd: (wheelEndId: string, id: string, version: number) =>
    dataOf(
      client.DELETE('/api/wheel-ends/{wheelEndId}/figures/{id}', {
        params: { path: { wheelEndId, id }, query: { version } },
      }),
    ),
}
