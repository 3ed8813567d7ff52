import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  settingChart: (id: string, body: Schemas['RoadForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/setting-chart', { params: at(id), body })),
  afterDrive: (id: string, body: Schemas['AfterDriveForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/after-drive', { params: at(id), body })),
  playChecks: (id: string) =>
    dataOf(client.GET('/api/v1/wheel-ends/{id}/play-checks', { params: at(id) })),
  addPlayCheck: (id: string, body: Schemas['PlayCheckForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/play-checks', { params: at(id), body })),
  rock: (id: string, body: Schemas['RockForm']) =>
    dataOf(client.POST('/api/v1/wheel-ends/{id}/rock', { params: at(id), body })),
}
