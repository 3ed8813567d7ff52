import { scopes, type Scope } from './scopes'

/** A job before it begins, as an address says it. */
export interface Handed {
  scope?: Scope
  /** Wheel ends; none where all are meant. */
  hubs: readonly string[]
  /** Kinds of choices and the way that was chosen. */
  ways: readonly { kind: string; value: string }[]
}

/** What another device handed on in its code. */
export function readHanded(query: URLSearchParams): Handed {
  const list = (name: string): string[] => query.get(name)?.split(',') ?? []
  const scope = scopes.find((one) => one.value === query.get('scope'))?.value
  return {
    ...(scope && { scope }),
    hubs: list('hubs'),
    ways: list('ways').flatMap((one) => {
      const [kind, value] = one.split('.')
      return kind && value ? [{ kind, value }] : []
    }),
  }
}

/** The plan on a sheet: to read, to print, or as the code that opens it elsewhere. */
export function sheetAddress(
  rigId: string,
  kind: 'html' | 'pdf' | 'svg',
  job: { scope: Scope } & Handed,
): string {
  const query = new URLSearchParams({ scope: job.scope })
  if (job.hubs.length > 0) query.set('wheelEndIds', job.hubs.join())
  if (job.ways.length > 0)
    query.set('ways', job.ways.map(({ kind: of, value }) => `${of}.${value}`).join())
  return `/api/v1/rigs/${rigId}/plan-sheet.${kind}?${query}`
}
