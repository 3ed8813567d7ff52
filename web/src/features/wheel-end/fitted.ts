import type { Schemas } from '$api/request'
import type { PartName, PartStatus } from '$features/section'
import { DAY } from '$ui/chart'

type Part = Schemas['PartView']
export type Place = Part['place']

export const places: { place: Place; words: string; drawn: PartName[] }[] = [
  {
    place: 'OUTBOARD_BEARING',
    words: 'outboard bearing',
    drawn: ['OUTBOARD_CONE', 'OUTBOARD_CUP'],
  },
  { place: 'INBOARD_BEARING', words: 'inboard bearing', drawn: ['INBOARD_CONE', 'INBOARD_CUP'] },
  { place: 'SEAL', words: 'seal', drawn: ['SEAL', 'SEAL_SLEEVE'] },
  { place: 'SPACER', words: 'spacer', drawn: ['SPACER'] },
  { place: 'WASHER', words: 'washer', drawn: ['WASHER'] },
  { place: 'NUT', words: 'nut', drawn: ['NUT', 'OUTER_NUT'] },
  { place: 'LOCK', words: 'lock', drawn: ['LOCK'] },
  { place: 'CAP', words: 'cap', drawn: ['CAP', 'CAP_PLUG'] },
]

/** The place a drawn part belongs to, where parts are kept track of. */
export const placeOf = (name: PartName): Place | null =>
  places.find(({ drawn }) => drawn.includes(name))?.place ?? null

export const isBearing = (place: Place): boolean =>
  place === 'INBOARD_BEARING' || place === 'OUTBOARD_BEARING'

/** What is in a place now, and what was there before. */
export function at(parts: Part[], place: Place): { now: Part | null; before: Part[] } {
  const here = parts.filter((part) => part.place === place)
  return {
    now: here.find((part) => part.removedOn === undefined) ?? null,
    before: here.filter((part) => part.removedOn !== undefined),
  }
}

const FRESH_DAYS = 30

/** How the drawn parts are to look: taken off, or new within the month. */
export function statusOf(parts: Part[], today: Date): Partial<Record<PartName, PartStatus>> {
  const status: Partial<Record<PartName, PartStatus>> = {}
  for (const { place, drawn } of places) {
    const { now, before } = at(parts, place)
    const fresh =
      now?.condition === 'NEW' &&
      now.fittedOn !== undefined &&
      today.getTime() - new Date(now.fittedOn).getTime() < FRESH_DAYS * DAY
    const one: PartStatus | null = fresh ? 'new' : !now && before.length > 0 ? 'absent' : null
    if (one) for (const name of drawn) status[name] = one
  }
  return status
}
