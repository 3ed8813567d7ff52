import type { Schemas } from './request'

/** No text the server takes is longer than this. */
const LONGEST = 1500

/** What a device made or answered, as the server takes it. */
function sent(credential: Credential | null): Schemas['BrowserJson'] {
  if (!(credential instanceof PublicKeyCredential)) throw new Error('no device answered')
  const json = JSON.stringify(credential.toJSON())
  const parts = json.match(new RegExp(`.{1,${LONGEST}}`, 'gs')) ?? []
  return { parts }
}

/** Whether this browser can. */
export const knowsPasskeys = (): boolean =>
  typeof PublicKeyCredential !== 'undefined' &&
  'parseCreationOptionsFromJSON' in PublicKeyCredential

/** Has a device make a passkey. */
export async function makePasskey(wanted: string): Promise<Schemas['BrowserJson']> {
  const publicKey = PublicKeyCredential.parseCreationOptionsFromJSON(
    JSON.parse(wanted) as PublicKeyCredentialCreationOptionsJSON,
  )
  return sent(await navigator.credentials.create({ publicKey }))
}

/** Has a device answer with one. */
export async function answerWithPasskey(wanted: string): Promise<Schemas['BrowserJson']> {
  const publicKey = PublicKeyCredential.parseRequestOptionsFromJSON(
    JSON.parse(wanted) as PublicKeyCredentialRequestOptionsJSON,
  )
  return sent(await navigator.credentials.get({ publicKey }))
}
