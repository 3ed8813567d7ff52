import { client, dataOf, type Schemas } from './request'

/** Bearing sets: the catalogue, and which one it is. */
export const bearings = {
  bearingSets: () => dataOf(client.GET('/api/bearing-sets')),
  readBearing: (text: string) =>
    dataOf(client.GET('/api/bearing-sets/read', { params: { query: { text } } })),
  addBearingSet: (body: Schemas['OwnSetForm']) =>
    dataOf(client.POST('/api/bearing-sets', { body })),
  removeBearingSet: (id: string) =>
    dataOf(client.DELETE('/api/bearing-sets/{id}', { params: { path: { id } } })),
  identifyReference: () => dataOf(client.GET('/api/identify')),
  identify: (body: Schemas['IdentifyForm']) => dataOf(client.POST('/api/identify', { body })),
  studCircle: (body: Schemas['StudCircleForm']) =>
    dataOf(client.POST('/api/stud-circle', { body })),
  readingHelp: (number: string) =>
    dataOf(client.GET('/api/reading-help', { params: { query: { number } } })),
}
