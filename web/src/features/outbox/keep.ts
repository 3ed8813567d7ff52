import { get, set } from 'idb-keyval'
import { remember, remembered } from '$features/display'
import type { Body, Waiting } from './senders'

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

const OLDER = 'oldtallow.unsent.'

/** Steps that a version before the outbox kept on this device, one a job; from now on they are the outbox's. */
export function leftByOlder(): Waiting[] {
  const left: Waiting[] = []
  try {
    for (const key of Object.keys(localStorage).filter((one) => one.startsWith(OLDER))) {
      const text = remembered(key)
      remember(key, '')
      if (!text) continue
      const body = JSON.parse(text) as Body<'step'>
      left.push({ jobId: key.slice(OLDER.length), kind: 'step', body, what: 'a step' })
    }
  } catch {
    return left // barred, or written by nobody we know
  }
  return left
}
