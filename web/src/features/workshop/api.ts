import { client, dataOf, type Schemas } from '$api/request'

const at = (id: string) => ({ path: { id } })
type Entry = Schemas['FigureEntry']

export const api = {
  bearingSets: () => dataOf(client.GET('/api/v1/bearing-sets')),
  addBearingSet: (body: Schemas['OwnSetForm']) =>
    dataOf(client.POST('/api/v1/bearing-sets', { body })),
  removeBearingSet: (id: string) =>
    dataOf(client.DELETE('/api/v1/bearing-sets/{id}', { params: { path: { id } } })),
  putTool: (id: string, body: Schemas['WorkshopToolForm']) =>
    dataOf(client.PUT('/api/v1/tools/{id}', { params: at(id), body })),
  removeTool: (id: string) => dataOf(client.DELETE('/api/v1/tools/{id}', { params: at(id) })),
  rates: () => dataOf(client.GET('/api/v1/workshop/rates')),
  setRates: (body: Schemas['RatesForm']) => dataOf(client.PUT('/api/v1/workshop/rates', { body })),
  rules: () => dataOf(client.GET('/api/v1/workshop/rules')),
  setRule: (body: Entry) => dataOf(client.POST('/api/v1/workshop/rules', { body })),
  withdrawRule: (id: string, version: number) =>
    dataOf(
      client.DELETE('/api/v1/workshop/rules/{id}', {
        params: { path: { id }, query: { version } },
      }),
    ),
  secondFactor: () => dataOf(client.GET('/api/v1/second-factor')),
  newSecondFactor: (current: string) =>
    dataOf(client.POST('/api/v1/second-factor', { body: { current } })),
  confirmSecondFactor: (code: string) =>
    dataOf(client.POST('/api/v1/second-factor/confirmed', { body: { code } })),
  removeSecondFactor: (current: string) =>
    dataOf(client.POST('/api/v1/second-factor/removed', { body: { current } })),
  passkeys: () => dataOf(client.GET('/api/v1/second-factor/passkeys')),
  passkeyWanted: (current: string) =>
    dataOf(client.POST('/api/v1/second-factor/passkeys/wanted', { body: { current } })),
  addPasskey: (body: Schemas['NewPasskeyForm']) =>
    dataOf(client.POST('/api/v1/second-factor/passkeys', { body })),
  removePasskey: (id: string) =>
    dataOf(client.DELETE('/api/v1/second-factor/passkeys/{id}', { params: { path: { id } } })),
  people: () => dataOf(client.GET('/api/v1/people')),
  addPerson: (body: Schemas['NewPersonForm']) => dataOf(client.POST('/api/v1/people', { body })),
  changePerson: (id: string, body: Schemas['PersonForm']) =>
    dataOf(client.PUT('/api/v1/people/{id}', { params: { path: { id } }, body })),
  setPassword: (id: string, body: Schemas['PasswordForm']) =>
    dataOf(client.PUT('/api/v1/people/{id}/password', { params: { path: { id } }, body })),
  endDemo: (keepRigs: boolean) =>
    dataOf(client.POST('/api/v1/workshop/demo-ended', { body: { keepRigs } })),
  backup: () => dataOf(client.GET('/api/v1/workshop/backup')),
  door: () => dataOf(client.GET('/api/v1/door')),
  devices: () => dataOf(client.GET('/api/v1/devices')),
  endDevice: (personId: string, name: string) =>
    dataOf(
      client.DELETE('/api/v1/devices/{personId}/{name}', { params: { path: { personId, name } } }),
    ),
  security: (before?: number) =>
    dataOf(
      client.GET('/api/v1/workshop/security', {
        params: { query: before === undefined ? {} : { before } },
      }),
    ),
  audit: (query: { recordId?: string; before?: number }) =>
    dataOf(client.GET('/api/v1/audit', { params: { query } })),
}
