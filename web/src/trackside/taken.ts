import * as vault from './vault'

/** What was taken along, as the server packed it, and what the browser shows where nobody answers. */
const PACK = 'pack.'
const SEEN = 'seen.'
const WANTED = 'wanted.'

/** A rig opened within so many days goes along by itself. */
const OPENED_DAYS = 30
/** As many as the server packs. */
const MOST = 60

export interface TakenRig {
  id: string
  name: string
}

export interface Taken {
  /** When the server packed it, its own clock. */
  at: string
  rigs: readonly TakenRig[]
}

interface Pack {
  at: string
  register: { rigs: { id: string; name: string }[] }
}

/** What somebody asked for: by name, or by having opened it. */
export interface Wanted {
  pinned: readonly string[]
  /** When each was opened last, ms. */
  opened: Readonly<Record<string, number>>
}

export const pack = (person: string): Promise<string | undefined> => vault.text(PACK + person)

export async function keepPack(person: string, pack: string): Promise<Taken> {
  await vault.put(PACK + person, pack)
  return read(pack)
}

export function read(pack: string): Taken {
  const { at, register } = JSON.parse(pack) as Pack
  return { at, rigs: register.rigs.map(({ id, name }) => ({ id, name })) }
}

export async function wanted(person: string): Promise<Wanted> {
  const kept = await vault.text(WANTED + person)
  return kept ? (JSON.parse(kept) as Wanted) : { pinned: [], opened: {} }
}

export const keepWanted = (person: string, wanted: Wanted): Promise<void> =>
  vault.put(WANTED + person, JSON.stringify(wanted))

/** The rigs to ask for: those asked for by name, then those opened within 30 days, the latest first. */
export function toAskFor({ pinned, opened }: Wanted, now: number): string[] {
  const since = now - OPENED_DAYS * 86_400_000
  const lately = Object.entries(opened)
    .filter(([, at]) => at >= since)
    .sort(([, a], [, b]) => b - a)
    .map(([id]) => id)
  return [...new Set([...pinned, ...lately])].slice(0, MOST)
}

/** Answers that are the same until the server says otherwise, and no work of the trade. */
export const KEPT = ['/api/v1/session', '/api/v1/people']

export const keepSeen = (address: string, json: string): Promise<void> =>
  vault.put(SEEN + address, json)

export const seen = (address: string): Promise<string | undefined> => vault.text(SEEN + address)

/** Forgets all that was taken along; what waits to be sent stays, for whom it is of. */
export async function forgetAll(): Promise<void> {
  await Promise.all([PACK, SEEN, WANTED].map((prefix) => vault.dropAll(prefix)))
}

export const room = async (): Promise<number> =>
  (
    await Promise.all([PACK, SEEN, 'entry.', 'picture.'].map((prefix) => vault.room(prefix)))
  ).reduce((sum, one) => sum + one, 0)
