import type { Schemas } from '$api/request'

/** Where a hub stands, in a few words. */
export function standing(hub: Schemas['RoundHubView']): string {
  if (hub.state === 'CLOSED') return 'closed'
  if (hub.state === 'ABANDONED') return 'given up'
  if (hub.state === 'AWAITS_SIGN_OFF') return 'to be signed off'
  if (hub.waitsFor) return `waits for ${hub.waitsFor}`
  return hub.now === undefined ? 'all done' : hub.stageWords.toLowerCase()
}

/** In which order hubs can be gone round. */
export const orders = [
  { value: 'STAGE_BY_STAGE', words: 'all off first' },
  { value: 'HUB_BY_HUB', words: 'one hub, then the next' },
] as const
