import { get, set } from 'idb-keyval'
import type { Waiting } from './senders'

// photos are kept too, which is more than local storage holds
const key = (person: string): string => `oldtallow.outbox.${person}`

/** What waits on this device for a person. */
export async function kept(person: string): Promise<readonly Waiting[]> {
  try {
    return (await get<readonly Waiting[]>(key(person))) ?? []
  } catch {
    return [] // storage may be barred; then what waits lasts until the page is closed
  }
}

/** False where it lasts only until the page is closed. */
export async function keep(person: string, waiting: readonly Waiting[]): Promise<boolean> {
  try {
    await set(key(person), waiting)
    return true
  } catch {
    return false
  }
}
