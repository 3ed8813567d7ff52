import { sendWaiting } from './sending'
import * as taken from './taken'

/** Sends what whoever is signed in here left to be sent; called by the browser when there is a line again, without a page. */
export async function sendLeft(): Promise<void> {
  const seen = JSON.parse((await taken.seen('/api/v1/session')) ?? '{}') as {
    person?: { id: string } | null
  }
  if (!seen.person) return
  const outcome = await sendWaiting(seen.person.id)
  if (outcome === 'no line' || outcome === 'later') throw new Error(outcome) // the browser tries again
}
