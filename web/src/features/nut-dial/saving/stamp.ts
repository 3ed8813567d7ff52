import { now } from '$api/clock'

/** What tells one setting from another, made on the device that reports it. */
export const newStamp = (): { id: string; setAt: string } => ({
  id: crypto.randomUUID(),
  setAt: now().toISOString(),
})
