import { client, dataOf, type Schemas } from './request'

const at = (id: string) => ({ path: { id } })

/** Rigs, wheel ends, what is fitted, and their sections. */
export const register = {
  rig: (id: string) => dataOf(client.GET('/api/rigs/{id}', { params: at(id) })),
  enterRig: (body: Schemas['NewRigForm']) => dataOf(client.POST('/api/rigs', { body })),
  changeRig: (id: string, body: Schemas['ChangedRigForm']) =>
    dataOf(client.PUT('/api/rigs/{id}', { params: at(id), body })),
  standings: (id: string) => dataOf(client.GET('/api/rigs/{id}/standings', { params: at(id) })),
  wheelEnd: (id: string) => dataOf(client.GET('/api/wheel-ends/{id}', { params: at(id) })),
  builds: (id: string) => dataOf(client.GET('/api/wheel-ends/{id}/builds', { params: at(id) })),
  rebuild: (id: string, body: Schemas['ChangedBuildForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/builds', { params: at(id), body })),
  copyTo: (id: string, to: 'OTHER_SIDE' | 'ALL_AXLES') =>
    dataOf(client.POST('/api/wheel-ends/{id}/copies', { params: { ...at(id), query: { to } } })),
  parts: (id: string) => dataOf(client.GET('/api/wheel-ends/{id}/parts', { params: at(id) })),
  fit: (id: string, body: Schemas['PartForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/parts', { params: at(id), body })),
  correctPart: (id: string, body: Schemas['PartForm']) =>
    dataOf(client.PUT('/api/wheel-ends/{id}/parts', { params: at(id), body })),
  takeOff: (id: string, place: Schemas['PartForm']['place']) =>
    dataOf(
      client.DELETE('/api/wheel-ends/{id}/parts/{place}', { params: { path: { id, place } } }),
    ),
  section: (id: string) => dataOf(client.GET('/api/wheel-ends/{id}/section', { params: at(id) })),
  sectionOf: (body: Schemas['SectionForm']) => dataOf(client.POST('/api/section', { body })),
  constructions: () => dataOf(client.GET('/api/constructions')),
  putPhoto: (rigId: string, file: Blob) =>
    dataOf(
      client.PUT('/api/rigs/{rigId}/photo', {
        params: { path: { rigId } },
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as Blob,
        headers: { 'content-type': 'application/octet-stream' },
      }),
    ),
  removePhoto: (rigId: string) =>
    dataOf(client.DELETE('/api/rigs/{rigId}/photo', { params: { path: { rigId } } })),
  greasings: (id: string) => dataOf(client.GET('/api/wheel-ends/{id}/grease', { params: at(id) })),
  writeGrease: (id: string, body: Schemas['GreaseFillForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/grease', { params: at(id), body })),
  fromTheShelf: (id: string) =>
    dataOf(client.GET('/api/wheel-ends/{id}/from-the-shelf', { params: at(id) })),
  aids: (id: string) => dataOf(client.GET('/api/wheel-ends/{id}/aids', { params: at(id) })),
  sense: (id: string, body: Schemas['SenseForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/sense', { params: at(id), body })),
  settingChart: (id: string, body: Schemas['RoadForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/setting-chart', { params: at(id), body })),
  afterDrive: (id: string, body: Schemas['AfterDriveForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/after-drive', { params: at(id), body })),
  jobCosts: (id: string, waitingDays: number, hubBrings?: Schemas['Choices']['hubBrings']) =>
    dataOf(
      client.GET('/api/wheel-ends/{id}/job-costs', {
        params: { ...at(id), query: { waitingDays, ...(hubBrings && { hubBrings }) } },
      }),
    ),
  palette: (q: string) => dataOf(client.GET('/api/palette', { params: { query: { q } } })),
}
