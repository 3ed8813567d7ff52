import { client, dataOf, type Schemas } from './request'

/** Calculations with no rig and no saving. */
export const reckon = {
  fitReference: () => dataOf(client.GET('/api/reckon/fits')),
  cupFit: (body: Schemas['CupFitForm']) => dataOf(client.POST('/api/reckon/cup-fit', { body })),
  coneFit: (body: Schemas['ConeFitForm']) => dataOf(client.POST('/api/reckon/cone-fit', { body })),
  cupDriver: (body: Schemas['CupDriverForm']) =>
    dataOf(client.POST('/api/reckon/cup-driver', { body })),
  seated: (body: Schemas['SeatedForm']) => dataOf(client.POST('/api/reckon/seated', { body })),
  sealLand: (body: Schemas['SealLandForm']) =>
    dataOf(client.POST('/api/reckon/seal-land', { body })),
  seal: (body: Schemas['SealForm']) => dataOf(client.POST('/api/reckon/seal', { body })),
  cap: (body: Schemas['CapForm']) => dataOf(client.POST('/api/reckon/cap', { body })),
  greaseReference: () => dataOf(client.GET('/api/reckon/greases')),
  greaseCode: (code: string) => dataOf(client.POST('/api/reckon/grease-code', { body: { code } })),
  grease: (body: Schemas['GreaseForm']) => dataOf(client.POST('/api/reckon/grease', { body })),
  wheelNuts: (body: Schemas['WheelNutsForm']) =>
    dataOf(client.POST('/api/reckon/wheel-nuts', { body })),
  wheelNutsOf: (id: string, studs: number) =>
    dataOf(
      client.GET('/api/wheel-ends/{id}/wheel-nuts', { params: { path: { id }, query: { studs } } }),
    ),
}
