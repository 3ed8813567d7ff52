import { client, dataOf, type Schemas } from './request'

const rig = (rigId: string) => ({ path: { rigId } })
const entry = (rigId: string, id: string) => ({ path: { rigId, id } })

/** What falls due, and how rigs are used. */
export const almanac = {
  dueList: (more?: string) =>
    dataOf(client.GET('/api/almanac', { params: { query: more ? { more } : {} } })),
  dueWeeks: () => dataOf(client.GET('/api/almanac/weeks')),
  intervalSchools: () => dataOf(client.GET('/api/interval-schools')),
  rigAlmanac: (id: string) =>
    dataOf(client.GET('/api/rigs/{id}/almanac', { params: { path: { id } } })),
  whatIf: (id: string, body: Schemas['WhatIfForm']) =>
    dataOf(client.POST('/api/rigs/{id}/almanac/what-if', { params: { path: { id } }, body })),
  serviceDone: (id: string, body: Schemas['ServiceForm']) =>
    dataOf(client.POST('/api/rigs/{id}/services', { params: { path: { id } }, body })),
  usage: (rigId: string) => dataOf(client.GET('/api/rigs/{rigId}/usage', { params: rig(rigId) })),
  putMeter: (rigId: string, id: string, body: Schemas['MeterForm']) =>
    dataOf(client.PUT('/api/rigs/{rigId}/meter/{id}', { params: entry(rigId, id), body })),
  removeMeter: (rigId: string, id: string, version: number) =>
    dataOf(
      client.DELETE('/api/rigs/{rigId}/meter/{id}', {
        params: { path: { rigId, id }, query: { version } },
      }),
    ),
  putWater: (rigId: string, id: string, body: Schemas['WaterForm']) =>
    dataOf(client.PUT('/api/rigs/{rigId}/water/{id}', { params: entry(rigId, id), body })),
  removeWater: (rigId: string, id: string) =>
    dataOf(client.DELETE('/api/rigs/{rigId}/water/{id}', { params: entry(rigId, id) })),
  putTrip: (rigId: string, id: string, body: Schemas['TripForm']) =>
    dataOf(client.PUT('/api/rigs/{rigId}/trips/{id}', { params: entry(rigId, id), body })),
  yardStrip: () => dataOf(client.GET('/api/almanac/strip')),
  comingTrips: () => dataOf(client.GET('/api/trips')),
  trip: (id: string) => dataOf(client.GET('/api/trips/{id}', { params: { path: { id } } })),
  /** A file of any size: it is sent as it is, never read here. */
  measureTrack: (file: File) =>
    dataOf(
      client.POST('/api/tracks/gpx', {
        headers: { 'content-type': 'application/gpx+xml' },
        body: file as never,
        bodySerializer: (body) => body as unknown as File,
      }),
    ),
}
