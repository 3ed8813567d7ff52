import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  session: () => dataOf(client.GET('/api/v1/session')),
  signIn: (body: Schemas['SignInForm']) => dataOf(client.POST('/api/v1/session', { body })),
  signInCode: (code: string) => dataOf(client.POST('/api/v1/session/code', { body: { code } })),
  signInPasskeyWanted: () => dataOf(client.POST('/api/v1/session/passkey/wanted')),
  signInPasskey: (answer: Schemas['BrowserJson']) =>
    dataOf(client.POST('/api/v1/session/passkey', { body: { answer } })),
  signOut: (everywhere: boolean) =>
    dataOf(client.DELETE('/api/v1/session', { params: { query: { everywhere } } })),
  foundWorkshop: (body: Schemas['FirstOwnerForm']) =>
    dataOf(client.POST('/api/v1/first-owner', { body })),
}
