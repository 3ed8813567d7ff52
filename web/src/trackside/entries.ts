import * as vault from './vault'
import type { Problem } from '$api/request'

/** The form of what a device enters; the server takes this one and the two before. */
export const FORM = 1

export type State =
  /** The server does not know it yet, as far as this device knows. */
  | 'waiting'
  /** The server has it; it is newer than what was taken along. */
  | 'sent'
  /** The server does not take it as it is; somebody has to say what becomes of it. */
  | 'refused'

/** Something that was entered on this device. */
export interface Entry {
  /** Counted up on this device: the order in which things were entered. */
  number: number
  method: string
  /** Path, and what is asked behind it. */
  address: string
  /** JSON; empty where nothing is sent, or a picture, which is kept beside. */
  body: string
  picture: boolean
  /** When, by the server's clock as far as it is known, ms. */
  at: number
  state: State
  refusal?: Problem
}

const DEVICE = 'device'

interface Device {
  id: string
  last: number
}

const PREFIX = 'entry.'
const PICTURE = 'picture.'
const place = (person: string, number: number): string =>
  `${person}.${String(number).padStart(10, '0')}`

/** This device as the server knows it, and the number of its last entry. */
export async function device(): Promise<Device> {
  const kept = await vault.text(DEVICE)
  if (kept) return JSON.parse(kept) as Device
  const made = { id: crypto.randomUUID(), last: 0 }
  await vault.put(DEVICE, JSON.stringify(made))
  return made
}

/** Whether a request enters something, and is no question: it carries an id made here, or puts something in a place of its own. */
export function isEntry(method: string, address: string, body: string): boolean {
  if (!/^\/api\/v1\/(jobs|wheel-ends|rigs)\//.test(address)) return false
  if (method === 'PUT' || method === 'DELETE') return true
  return method === 'POST' && (/^\{"id":|[,{]"id":/.test(body) || /\/round$/.test(address))
}

const alone = <T>(act: () => Promise<T>): Promise<T> =>
  globalThis.navigator?.locks ? navigator.locks.request('oldtallow.entries', act) : act()

/** Keeps one; from here on it outlasts the page. */
export function add(
  person: string,
  what: Omit<Entry, 'number' | 'picture'>,
  picture: ArrayBuffer | null,
): Promise<Entry> {
  return alone(async () => {
    const mine = await device()
    const entry: Entry = { ...what, number: mine.last + 1, picture: picture !== null }
    const at = place(person, entry.number)
    // the picture first: an entry without it would be sent without it
    if (picture) await vault.put(PICTURE + at, picture)
    await vault.putAll([
      [DEVICE, JSON.stringify({ ...mine, last: entry.number })],
      [PREFIX + at, JSON.stringify(entry)],
    ])
    return entry
  })
}

/** All that was entered here, in order. */
export async function all(person: string): Promise<Entry[]> {
  const kept = await vault.texts(`${PREFIX}${person}.`)
  return kept.map(([, text]) => JSON.parse(text) as Entry)
}

export async function change(person: string, entry: Entry): Promise<void> {
  const at = place(person, entry.number)
  await vault.put(PREFIX + at, JSON.stringify(entry))
  if (entry.state === 'sent') await vault.drop(PICTURE + at)
}

export const pictureOf = (person: string, entry: Entry): Promise<ArrayBuffer | undefined> =>
  vault.bytes(PICTURE + place(person, entry.number))

/** The picture that is to be seen at a path and waits here. */
export async function pictureAt(path: string): Promise<ArrayBuffer | undefined> {
  for (const [name, text] of await vault.texts(PREFIX)) {
    const entry = JSON.parse(text) as Entry
    if (entry.picture && entry.address.split('?')[0] === path) {
      return vault.bytes(PICTURE + name.slice(PREFIX.length))
    }
  }
  return undefined
}

export async function forget(person: string, numbers: readonly number[]): Promise<void> {
  const places = numbers.map((number) => place(person, number))
  await vault.drop(...places.flatMap((at) => [PREFIX + at, PICTURE + at]))
}
