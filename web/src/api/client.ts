import createClient from 'openapi-fetch'
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
  title: string
  detail: string
  errors: FieldProblem[]
}

const client = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? '',
  fetch: (request) => globalThis.fetch(request),
})

const UNREACHABLE: Problem = {
  status: 0,
  title: 'No answer',
  detail: 'Old Tallow does not answer. Your entry is still here: see that it runs, then try again.',
  errors: [],
}

export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

/** The data of an answer; anything else is thrown as a {@link ProblemError}. */
async function dataOf<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await call.catch(() => {
    throw new ProblemError(UNREACHABLE)
  })
  if (data !== undefined) return data
  const told = (typeof error === 'object' && error !== null ? error : {}) as Partial<Problem>
  throw new ProblemError({
    status: response.status,
    title: told.title ?? 'Not done',
    detail: told.detail ?? `The server answered ${response.status}. Nothing was saved; try again.`,
    errors: told.errors ?? [],
  })
}

export const api = {
  yard: () => dataOf(client.GET('/api/yard')),
  reference: () => dataOf(client.GET('/api/nut-reference')),
  wheelEnd: (id: string) =>
    dataOf(client.GET('/api/wheel-ends/{id}', { params: { path: { id } } })),
  settings: (wheelEndId: string) =>
    dataOf(
      client.GET('/api/wheel-ends/{wheelEndId}/nut-settings', { params: { path: { wheelEndId } } }),
    ),
  calculate: (body: Schemas['NutCalculationForm']) =>
    dataOf(client.POST('/api/nut-calculations', { body })),
  saveSetting: (wheelEndId: string, body: Schemas['NutSettingForm']) =>
    dataOf(
      client.POST('/api/wheel-ends/{wheelEndId}/nut-settings', {
        params: { path: { wheelEndId } },
        body,
      }),
    ),
}
