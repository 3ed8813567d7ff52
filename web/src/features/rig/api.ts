import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })

export const api = {
  enterRig: (body: Schemas['NewRigForm']) => dataOf(client.POST('/api/v1/rigs', { body })),
  changeRig: (id: string, body: Schemas['ChangedRigForm']) =>
    dataOf(client.PUT('/api/v1/rigs/{id}', { params: at(id), body })),
  sectionOf: (body: Schemas['SectionForm']) => dataOf(client.POST('/api/v1/section', { body })),
  putPhoto: (rigId: string, file: Blob) =>
    dataOf(
      client.PUT('/api/v1/rigs/{rigId}/photo', {
        params: { path: { rigId } },
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as Blob,
        headers: { 'content-type': 'application/octet-stream' },
      }),
    ),
  removePhoto: (rigId: string) =>
    dataOf(client.DELETE('/api/v1/rigs/{rigId}/photo', { params: { path: { rigId } } })),
  figuresOfRig: (rigId: string) =>
    dataOf(client.GET('/api/v1/rigs/{rigId}/figures', { params: { path: { rigId } } })),
}
