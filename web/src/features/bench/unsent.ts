import { remember, remembered } from '$features/display'
import type { Schemas } from '$api/client'

/** A step that was done while nobody answered; kept on this device until it is sent. */
export type UnsentStep = Schemas['StepDoneForm']

const key = (jobId: string): string => `oldtallow.unsent.${jobId}`

export function unsentOf(jobId: string): UnsentStep | null {
  const kept = remembered(key(jobId))
  if (!kept) return null
  try {
    return JSON.parse(kept) as UnsentStep
  } catch {
    return null // written by another version; nothing can be made of it
  }
}

export const keepUnsent = (jobId: string, step: UnsentStep | null): void =>
  remember(key(jobId), step === null ? '' : JSON.stringify(step))
