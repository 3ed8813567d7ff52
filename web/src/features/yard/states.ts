import type { Schemas } from '$api/request'
import { authorityWords } from '$features/nut-dial/state'
import type { MarkShape } from '$ui/mark'

export type HubState = Schemas['StandingView']['state']
type Standing = Schemas['StandingView']

interface StateWords {
  shape: MarkShape
  word: string
  tone: 'oxide' | 'brass' | 'ink' | 'verdigris'
  /** What the legend adds; empty where the word says it all. */
  means: string
}

/** Each state's shape and word; colour comes last. */
export const states: Record<HubState, StateWords> = {
  OUTSIDE_WINDOW: {
    shape: 'outside',
    word: 'outside window',
    tone: 'brass',
    means: '',
  },
  AWAITS_SIGN_OFF: { shape: 'signOff', word: 'to sign off', tone: 'ink', means: '' },
  OVERDUE: { shape: 'overdue', word: 'overdue', tone: 'brass', means: '' },
  NO_RECORD: { shape: 'unknown', word: 'no record', tone: 'ink', means: '' },
  DUE_SOON: { shape: 'soon', word: 'due soon', tone: 'brass', means: 'within 30 days' },
  FINE: { shape: 'good', word: 'fine', tone: 'verdigris', means: '' },
}

const listed = (names: string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

/** Front left and front right are the front pair. */
function pairs(ends: Standing[]): string[] {
  const where = [...new Set(ends.map((end) => end.axle))]
  return where.flatMap((axle) => {
    const ofAxle = ends.filter((end) => end.axle === axle)
    return ofAxle.length === 2
      ? [`${axle} pair`.trim()]
      : ofAxle.toSorted(leftFirst).map((end) => end.position)
  })
}

const leftFirst = (one: Standing, other: Standing): number => one.side.localeCompare(other.side)

/** Which wheel ends, as one would say it. */
export function which(ends: Standing[], all: number): string {
  if (ends.length === all) return all === 2 ? 'both wheels' : `all ${all} wheels`
  return listed(pairs(ends))
}

/** The reason a mechanic needs, in a sentence. */
export function reason(state: HubState, ends: Standing[]): string {
  const left = Math.min(...ends.map((end) => end.daysLeft ?? 0))
  const first = ends.find((end) => end.daysLeft === left)
  const by = first ? ` by ${authorityWords[first.intervalAuthority].toLowerCase()}` : ''
  const what = first?.dueWords ?? 'inspect and set again'
  const said = ends.find((end) => end.state === state)?.stateWords ?? ''
  switch (state) {
    case 'OUTSIDE_WINDOW':
    case 'AWAITS_SIGN_OFF':
    case 'NO_RECORD':
      return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`
    case 'OVERDUE':
      return `${-left} days past due${by}: ${what}.`
    case 'DUE_SOON':
      return left === 0 ? `Due today${by}: ${what}.` : `Due in ${left} days${by}: ${what}.`
    case 'FINE':
      return `Nothing to do for ${left} days.`
  }
}
