import type { Entry } from '$trackside'

const LAST: Record<string, string> = {
  steps: 'a step done',
  runs: 'steps done in one go',
  undo: 'a press taken back',
  waivers: 'a check let go',
  'first-look': 'a first look',
  judgings: 'a verdict',
  ways: 'a choice of way',
  condemned: 'a part condemned',
  'not-here': 'a part that is not there',
  notes: 'a note',
  jobs: 'a job begun',
  hubs: 'a hub that came to a job',
  'let-go': 'a hub let go from a job',
  round: 'the order of the hubs',
  'nut-settings': 'a setting of the nut',
  'setting-reopened': 'the nut loosened again',
  'cup-moved': 'a moved cup',
  'adjustment-procedure': 'how the nut is set',
  grease: 'the grease of a job',
  scope: 'how far a job goes',
  waits: 'a job that waits',
  'went-on': 'a job that goes on',
  close: 'a job closed',
  'sign-off': 'a job answered for',
  abandon: 'a job ended',
}

/** What was entered, in a few words. */
export function whatIs({ address, picture, method }: Entry): string {
  if (picture || address.includes('/photos/')) return 'a photo'
  if (address.includes('/warmth/')) {
    return method === 'DELETE' ? 'temperatures taken back' : 'temperatures of a stop'
  }
  return LAST[address.split('?')[0]?.split('/').at(-1) ?? ''] ?? 'an entry'
}

/** How much room something takes. */
export const size = (bytes: number): string =>
  bytes < 1_000_000
    ? `${Math.max(1, Math.round(bytes / 1_000))} kB`
    : `${(bytes / 1_000_000).toFixed(1)} MB`

/** How long ago, as one would say it. */
export function ago(instant: string, now: Date): string {
  const minutes = Math.round((now.getTime() - Date.parse(instant)) / 60_000)
  if (minutes < 2) return 'just now'
  if (minutes < 120) return `${minutes} minutes ago`
  const hours = Math.round(minutes / 60)
  return hours < 48 ? `${hours} hours ago` : `${Math.round(hours / 24)} days ago`
}
