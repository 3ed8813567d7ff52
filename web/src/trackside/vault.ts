import { createStore, delMany, entries, get, set, setMany, update } from 'idb-keyval'

/**
 * What this browser keeps for somebody, encrypted with a key that no script can read out: a copy of the browser's files is of no
 * use without this browser. Where the page was not opened safely there is no such key, and it is kept as it is.
 */
const keys = createStore('oldtallow-trackside-key', 'keys')
const things = createStore('oldtallow-trackside', 'things')

interface Sealed {
  iv: Uint8Array<ArrayBuffer> | null
  data: ArrayBuffer
}

const KEY = 'key'

/** Whether what is kept here is encrypted. */
export const seals = (): boolean => globalThis.crypto?.subtle !== undefined

async function key(): Promise<CryptoKey> {
  const kept = await get<CryptoKey>(KEY, keys)
  if (kept) return kept
  const made = await crypto.subtle.generateKey({ name: 'AES-GCM', length: 256 }, false, [
    'encrypt',
    'decrypt',
  ])
  // two pages may begin at once: the first one's stays
  await update<CryptoKey>(KEY, (there) => there ?? made, keys)
  return (await get<CryptoKey>(KEY, keys)) ?? made
}

async function seal(plain: ArrayBuffer): Promise<Sealed> {
  if (!seals()) return { iv: null, data: plain }
  const iv = crypto.getRandomValues(new Uint8Array(12))
  return { iv, data: await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, await key(), plain) }
}

async function unseal({ iv, data }: Sealed): Promise<ArrayBuffer> {
  return iv === null ? data : crypto.subtle.decrypt({ name: 'AES-GCM', iv }, await key(), data)
}

const utf8 = (text: string): ArrayBuffer => new TextEncoder().encode(text).buffer

/** Keeps bytes, or text, under a name. */
export async function put(name: string, what: string | ArrayBuffer): Promise<void> {
  await set(name, await seal(typeof what === 'string' ? utf8(what) : what), things)
}

/** Keeps several texts, all or none. */
export async function putAll(all: readonly [string, string][]): Promise<void> {
  const sealed = await Promise.all(
    all.map(async ([name, text]): Promise<[string, Sealed]> => [name, await seal(utf8(text))]),
  )
  await setMany(sealed, things)
}

export async function bytes(name: string): Promise<ArrayBuffer | undefined> {
  const kept = await get<Sealed>(name, things)
  // sealed with a key that is gone: nobody can read it any more
  return kept && (await unseal(kept).catch(() => undefined))
}

export async function text(name: string): Promise<string | undefined> {
  const kept = await bytes(name)
  return kept && new TextDecoder().decode(kept)
}

/** All texts whose names begin so, by name. */
export async function texts(prefix: string): Promise<[string, string][]> {
  const found = await named(prefix)
  const read = await Promise.all(
    found.map(async ([name, kept]): Promise<[string, string] | null> => {
      const plain = await unseal(kept).catch(() => undefined)
      return plain ? [name, new TextDecoder().decode(plain)] : null
    }),
  )
  return read.filter((one) => one !== null).sort(([a], [b]) => (a < b ? -1 : 1))
}

async function named(prefix: string): Promise<[string, Sealed][]> {
  const all = await entries<string, Sealed>(things)
  return all.filter(([name]) => name.startsWith(prefix))
}

export const drop = (...names: string[]): Promise<void> => delMany(names, things)

/** Forgets all whose names begin so. */
export async function dropAll(prefix: string): Promise<void> {
  await drop(...(await named(prefix)).map(([name]) => name))
}

/** How much room what begins so takes, bytes. */
export async function room(prefix: string): Promise<number> {
  return (await named(prefix)).reduce((sum, [, kept]) => sum + kept.data.byteLength, 0)
}
