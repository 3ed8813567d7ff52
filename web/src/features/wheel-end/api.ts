import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  builds: (id: string) => dataOf(client.GET('/api/v1/wheel-ends/{id}/builds', { params: at(id) })),
  rebuild: (id: string, body: Schemas['ChangedBuildForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/builds', { params: at(id), body })),
  copyTo: (id: string, to: 'OTHER_SIDE' | 'ALL_AXLES') =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/copies', { params: { ...at(id), query: { to } } })),
  parts: (id: string) => dataOf(client.GET('/api/v1/wheel-ends/{id}/parts', { params: at(id) })),
  fit: (id: string, body: Schemas['PartForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/parts', { params: at(id), body })),
  correctPart: (id: string, body: Schemas['PartForm']) =>
    dataOf(client.PUT('/api/v1/wheel-ends/{id}/parts', { params: at(id), body })),
  takeOff: (id: string, place: Schemas['PartForm']['place']) =>
    dataOf(
      client.DELETE('/api/v1/wheel-ends/{id}/parts/{place}', { params: { path: { id, place } } }),
    ),
  writeGrease: (id: string, body: Schemas['GreaseFillForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/grease', { params: at(id), body })),
  fromTheShelf: (id: string) =>
    dataOf(client.GET('/api/v1/wheel-ends/{id}/from-the-shelf', { params: at(id) })),
  signOff: (wheelEndId: string, settingId: string) =>
    dataOf(
      client.POST('/api/v1/wheel-ends/{wheelEndId}/nut-settings/{settingId}/sign-off', {
        params: { path: { wheelEndId, settingId } },
      }),
    ),
  settings: (wheelEndId: string) =>
    dataOf(
      client.GET('/api/v1/wheel-ends/{wheelEndId}/nut-settings', {
        params: { path: { wheelEndId } },
      }),
    ),
}
