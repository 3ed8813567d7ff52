import * as entries from './entries'
import type { Entry } from './entries'
import type { Problem } from '$api/request'

export type Outcome =
  | 'sent'
  /** Nobody answers. */
  | 'no line'
  /** Somebody answers, and cannot say yet what becomes of it. */
  | 'later'
  | 'signed out'

const PATIENCE = 20_000
const LATER = [429, 502, 503, 504]
const TOKEN_COOKIE = 'XSRF-TOKEN'
const TOKEN_HEADER = 'X-XSRF-TOKEN'

declare const cookieStore: { get(name: string): Promise<{ value: string } | null> } | undefined

/** Also where there is no page, in the part of the browser that works behind it. */
async function token(): Promise<string> {
  if (globalThis.document) {
    const pair = document.cookie.split('; ').find((one) => one.startsWith(`${TOKEN_COOKIE}=`))
    return pair?.slice(TOKEN_COOKIE.length + 1) ?? ''
  }
  return typeof cookieStore === 'undefined'
    ? ''
    : ((await cookieStore.get(TOKEN_COOKIE))?.value ?? '')
}

/**
 * Sends what waits, in its order, and notes what became of each. Pages and the browser behind them send one at a time: an entry
 * sent twice would be one, but need not be sent.
 *
 * @param told after each entry
 */
export function sendWaiting(person: string, told: () => void = () => {}): Promise<Outcome> {
  const send = () => sendAll(person, told)
  return globalThis.navigator?.locks ? navigator.locks.request('oldtallow.sending', send) : send()
}

async function sendAll(person: string, told: () => void): Promise<Outcome> {
  for (const entry of await entries.all(person)) {
    if (entry.state !== 'waiting') continue
    const outcome = await sendOne(person, entry)
    if (outcome !== 'sent') return outcome
    told()
  }
  return 'sent'
}

async function sendOne(person: string, entry: Entry): Promise<Outcome> {
  const picture = entry.picture ? await entries.pictureOf(person, entry) : undefined
  const ask = async (): Promise<Response> =>
    fetch(entry.address, {
      method: entry.method,
      body: picture ?? (entry.body === '' ? null : entry.body),
      headers: {
        'content-type': entry.picture ? 'application/octet-stream' : 'application/json',
        [TOKEN_HEADER]: await token(),
        'Entry-Made-At': new Date(entry.at).toISOString(),
        'Entry-Form': String(entries.FORM),
      },
      signal: AbortSignal.timeout(PATIENCE * (entry.picture ? 6 : 1)),
    })
  let response: Response
  try {
    response = await ask()
    if (response.status === 403) {
      await fetch('/api/v1/session') // its token ran out: that is no fault of the entry
      response = await ask()
    }
  } catch {
    return 'no line'
  }
  if (response.status === 401) return 'signed out'
  if (LATER.includes(response.status)) return 'later'
  if (response.ok) {
    await entries.change(person, { ...entry, state: 'sent' })
  } else {
    await entries.change(person, { ...entry, state: 'refused', refusal: await why(response) })
  }
  return 'sent'
}

async function why(response: Response): Promise<Problem> {
  const told = (await response.json().catch(() => ({}))) as Partial<Problem>
  return {
    status: response.status,
    title: told.title ?? 'Not taken',
    detail: told.detail ?? `The server answered ${response.status}.`,
    errors: told.errors ?? [],
  }
}
