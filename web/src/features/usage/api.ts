import { client, dataOf, type Schemas } from '$api/request'

const ofRig = (rigId: string) => ({ path: { rigId } })
const ofEntry = (rigId: string, id: string) => ({ path: { rigId, id } })

export const api = {
  usage: (rigId: string) =>
    dataOf(client.GET('/api/v1/rigs/{rigId}/usage', { params: ofRig(rigId) })),
  putMeter: (rigId: string, id: string, body: Schemas['MeterForm']) =>
    dataOf(client.PUT('/api/v1/rigs/{rigId}/meter/{id}', { params: ofEntry(rigId, id), body })),
  removeMeter: (rigId: string, id: string, version: number) =>
    dataOf(
      client.DELETE('/api/v1/rigs/{rigId}/meter/{id}', {
        params: { path: { rigId, id }, query: { version } },
      }),
    ),
  putWater: (rigId: string, id: string, body: Schemas['WaterForm']) =>
    dataOf(client.PUT('/api/v1/rigs/{rigId}/water/{id}', { params: ofEntry(rigId, id), body })),
  removeWater: (rigId: string, id: string) =>
    dataOf(client.DELETE('/api/v1/rigs/{rigId}/water/{id}', { params: ofEntry(rigId, id) })),
  putTrip: (rigId: string, id: string, body: Schemas['TripForm']) =>
    dataOf(client.PUT('/api/v1/rigs/{rigId}/trips/{id}', { params: ofEntry(rigId, id), body })),
  comingTrips: () => dataOf(client.GET('/api/v1/trips')),
  /** A file of any size: it is sent as it is, never read here. */
  measureTrack: (file: File) =>
    dataOf(
      client.POST('/api/v1/tracks/gpx', {
        headers: { 'content-type': 'application/gpx+xml' },
        body: file as never,
        bodySerializer: (body) => body as unknown as File,
      }),
    ),
}
