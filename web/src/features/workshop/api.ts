import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })
type Entry = Schemas['FigureEntry']

export const api = {
  bearingSets: () => dataOf(client.GET('/api/bearing-sets')),
  addBearingSet: (body: Schemas['OwnSetForm']) =>
    dataOf(client.POST('/api/bearing-sets', { body })),
  removeBearingSet: (id: string) =>
    dataOf(client.DELETE('/api/bearing-sets/{id}', { params: { path: { id } } })),
  putTool: (id: string, body: Schemas['WorkshopToolForm']) =>
    dataOf(client.PUT('/api/tools/{id}', { params: at(id), body })),
  removeTool: (id: string) => dataOf(client.DELETE('/api/tools/{id}', { params: at(id) })),
  rates: () => dataOf(client.GET('/api/workshop/rates')),
  setRates: (body: Schemas['RatesForm']) => dataOf(client.PUT('/api/workshop/rates', { body })),
  rules: () => dataOf(client.GET('/api/workshop/rules')),
  setRule: (body: Entry) => dataOf(client.POST('/api/workshop/rules', { body })),
  withdrawRule: (id: string, version: number) =>
    dataOf(
      client.DELETE('/api/workshop/rules/{id}', { params: { path: { id }, query: { version } } }),
    ),
  secondFactor: () => dataOf(client.GET('/api/second-factor')),
  newSecondFactor: (current: string) =>
    dataOf(client.POST('/api/second-factor', { body: { current } })),
  confirmSecondFactor: (code: string) =>
    dataOf(client.POST('/api/second-factor/confirmed', { body: { code } })),
  removeSecondFactor: (current: string) =>
    dataOf(client.POST('/api/second-factor/removed', { body: { current } })),
  passkeys: () => dataOf(client.GET('/api/second-factor/passkeys')),
  passkeyWanted: (current: string) =>
    dataOf(client.POST('/api/second-factor/passkeys/wanted', { body: { current } })),
  addPasskey: (body: Schemas['NewPasskeyForm']) =>
    dataOf(client.POST('/api/second-factor/passkeys', { body })),
  removePasskey: (id: string) =>
    dataOf(client.DELETE('/api/second-factor/passkeys/{id}', { params: { path: { id } } })),
  people: () => dataOf(client.GET('/api/people')),
  addPerson: (body: Schemas['NewPersonForm']) => dataOf(client.POST('/api/people', { body })),
  changePerson: (id: string, body: Schemas['PersonForm']) =>
    dataOf(client.PUT('/api/people/{id}', { params: { path: { id } }, body })),
  setPassword: (id: string, body: Schemas['PasswordForm']) =>
    dataOf(client.PUT('/api/people/{id}/password', { params: { path: { id } }, body })),
  endDemo: (keepRigs: boolean) =>
    dataOf(client.POST('/api/workshop/demo-ended', { body: { keepRigs } })),
  backup: () => dataOf(client.GET('/api/workshop/backup')),
  door: () => dataOf(client.GET('/api/door')),
  devices: () => dataOf(client.GET('/api/devices')),
  endDevice: (personId: string, name: string) =>
    dataOf(
      client.DELETE('/api/devices/{personId}/{name}', { params: { path: { personId, name } } }),
    ),
  security: (before?: number) =>
    dataOf(
      client.GET('/api/workshop/security', {
        params: { query: before === undefined ? {} : { before } },
      }),
    ),
  audit: (query: { recordId?: string; before?: number }) =>
    dataOf(client.GET('/api/audit', { params: { query } })),
}
