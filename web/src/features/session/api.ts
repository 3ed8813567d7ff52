import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  session: () => dataOf(client.GET('/api/session')),
  signIn: (body: Schemas['SignInForm']) => dataOf(client.POST('/api/session', { body })),
  signInCode: (code: string) => dataOf(client.POST('/api/session/code', { body: { code } })),
  signInPasskeyWanted: () => dataOf(client.POST('/api/session/passkey/wanted')),
  signInPasskey: (answer: Schemas['BrowserJson']) =>
    dataOf(client.POST('/api/session/passkey', { body: { answer } })),
  signOut: (everywhere: boolean) =>
    dataOf(client.DELETE('/api/session', { params: { query: { everywhere } } })),
  foundWorkshop: (body: Schemas['FirstOwnerForm']) =>
    dataOf(client.POST('/api/first-owner', { body })),
}
