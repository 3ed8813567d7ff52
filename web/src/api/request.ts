import createClient from 'openapi-fetch'
import { line } from '$trackside'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** One field the server refused, and what would be right. */
export interface FieldProblem {
  field: string
  value?: string
  remedy: string
}

/** What went wrong, in words for a mechanic. */
export interface Problem {
  status: number
  /** Told apart by machines: whether nothing was saved, or nobody knows. */
  type?: string
  title: string
  detail: string
  errors: FieldProblem[]
}

export const client = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? '',
  fetch: async (request) => {
    if (request.method === 'GET') return read(request)
    const again = request.clone()
    const response = await ask(request)
    if (response.status !== 403 || (await typeOf(response)) !== OLD_TOKEN) return response
    // this browser's token ran out, which is no fault of the entry: it gets a new one and is sent once more
    await ask(new Request(new URL('/api/v1/session', request.url)))
    again.headers.set(TOKEN_HEADER, cookie(TOKEN_COOKIE) ?? '')
    return ask(again)
  },
})

const BUSY = 'urn:oldtallow:busy'
/** What this device cannot do by itself: it was not entered, and stays on screen. */
const NEEDS_SERVER = 'urn:oldtallow:needs-server'
const OLD_TOKEN = 'urn:oldtallow:old-token'
const READ_TRIES = 5

/** Whoever wants to read while too many are at work waits a moment and asks again. */
async function read(request: Request): Promise<Response> {
  for (let tries = 1; ; tries++) {
    const response = await ask(request.clone())
    if (response.status !== 503 || tries === READ_TRIES || (await typeOf(response)) !== BUSY) {
      return response
    }
    await pause(tries)
  }
}

const ask = (request: Request): Promise<Response> => line.ask(request)

async function typeOf(response: Response): Promise<string | undefined> {
  const told = (await response
    .clone()
    .json()
    .catch(() => ({}))) as Partial<Problem>
  return told.type
}

/** Longer each time, and for each who waits another time. */
export const pause = (tries: number): Promise<void> =>
  new Promise((go) => setTimeout(go, 500 * 2 ** tries * (0.5 + Math.random() / 2)))

const TOKEN_COOKIE = 'XSRF-TOKEN'
const TOKEN_HEADER = 'X-XSRF-TOKEN'

const cookie = (name: string): string | undefined =>
  globalThis.document?.cookie
    .split('; ')
    .find((pair) => pair.startsWith(`${name}=`))
    ?.slice(name.length + 1)

// every change carries this browser's token, so that no other page can send one in our name
client.use({
  onRequest: ({ request }) => {
    const token = cookie(TOKEN_COOKIE)
    if (token && request.method !== 'GET') request.headers.set(TOKEN_HEADER, token)
  },
  onResponse: ({ response }) => {
    if (response.status === 401) onSignedOut()
  },
})

let onSignedOut = (): void => {}

/** What to do when the server no longer knows who sits here. */
export const whenSignedOut = (act: () => void): void => {
  onSignedOut = act
}

const UNREACHABLE: Problem = {
  status: 0,
  title: 'No answer',
  detail:
    'Old Tallow does not answer, so nobody knows whether it was saved. Your entry is still here: see that it runs, then try again; sent twice it stays one.',
  errors: [],
}

export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

/** Whether nobody knows yet what became of it, or it was no fault of the entry: the same is to be sent again. */
export const isOpen = ({ status, type }: Problem): boolean =>
  [0, 401, 429, 502, 503, 504].includes(status) && type !== NEEDS_SERVER

/** Whether nothing is wrong but that too many are at work in this moment. */
export const isBusy = ({ type }: Problem): boolean => type === BUSY

/** The data of an answer; anything else is thrown as a {@link ProblemError}. */
export async function dataOf<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await call.catch(() => {
    throw new ProblemError(UNREACHABLE)
  })
  if (data !== undefined) return data
  if (response.ok) return undefined as T // an answer without content
  const told = (typeof error === 'object' && error !== null ? error : {}) as Partial<Problem>
  throw new ProblemError({
    status: response.status,
    ...(told.type ? { type: told.type } : {}),
    title: told.title ?? 'Not done',
    detail:
      told.detail ??
      `The server answered ${response.status}, without a word whether it was saved. Your entry is still here: try again; sent twice it stays one.`,
    errors: told.errors ?? [],
  })
}
