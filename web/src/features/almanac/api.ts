import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  dueList: (more?: string) =>
    dataOf(client.GET('/api/v1/almanac', { params: { query: more ? { more } : {} } })),
  dueWeeks: () => dataOf(client.GET('/api/v1/almanac/weeks')),
  rigAlmanac: (id: string) =>
    dataOf(client.GET('/api/v1/rigs/{id}/almanac', { params: { path: { id } } })),
  whatIf: (id: string, body: Schemas['WhatIfForm']) =>
    dataOf(client.POST('/api/v1/rigs/{id}/almanac/what-if', { params: { path: { id } }, body })),
  serviceDone: (id: string, body: Schemas['ServiceForm']) =>
    dataOf(client.POST('/api/v1/rigs/{id}/services', { params: { path: { id } }, body })),
  yardStrip: () => dataOf(client.GET('/api/v1/almanac/strip')),
}
