import type { Schemas } from '$api/request'
import { DAY, scaleLinear } from '$ui/chart'

type Almanac = Schemas['AlmanacView']

const at = (isoDay: string): number => Date.parse(`${isoDay}T00:00:00Z`)

/** Days on a strip, both ends included. */
export class DayScale {
  private readonly scale
  readonly days: number

  constructor(from: string, to: string, width: number) {
    const [first, last] = [at(from), at(to) + DAY]
    this.days = (last - first) / DAY
    this.scale = scaleLinear([first, last], [0, width]).clamp(true)
  }

  /** Where a day stands; what is outside the strip stands at its edge. */
  x(isoDay: string): number {
    return this.scale(at(isoDay))
  }

  holds(isoDay: string): boolean {
    const [first = 0, last = 0] = this.scale.domain()
    return at(isoDay) >= first && at(isoDay) <= last
  }
}

/** From the first month's first day to the last month's last. */
export class Scale extends DayScale {
  constructor(months: Almanac['months'], width: number) {
    const last = new Date(at(months.at(-1)?.from ?? '2000-01-01'))
    const end = Date.UTC(last.getUTCFullYear(), last.getUTCMonth() + 1, 0)
    super(months[0]?.from ?? '2000-01-01', new Date(end).toISOString().slice(0, 10), width)
  }
}

/** First days of so many months. */
export function monthsFrom(isoDay: string, many: number): string[] {
  const first = new Date(at(isoDay))
  return Array.from({ length: many }, (_, i) =>
    new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + i, 1))
      .toISOString()
      .slice(0, 10),
  )
}

/** A month as the strip heads it: J F M …, the year at January. */
export const monthLetter = (isoDay: string): string => {
  const month = new Date(`${isoDay}T12:00:00Z`)
  return month.toLocaleDateString('en-GB', { month: 'short', timeZone: 'UTC' })
}

/**
 * Which marks of a lane have room for their word, most pressing first: it covers no other mark, and no word that stands.
 *
 * @param at where the marks stand
 * @param right a word that would run past it stands left of its mark
 */
export function wordsWithRoom(at: number[], word: number, right: number): boolean[] {
  const MARK = 7
  const taken: [number, number][] = []
  return at.map((here, i) => {
    const [from, to] = here + word > right ? [here - word, here - MARK] : [here + MARK, here + word]
    const covers = ([a, b]: [number, number]): boolean => a < to && from < b
    const marks = at
      .filter((other, j) => j !== i && other !== here)
      .map((other): [number, number] => [other - MARK, other + MARK])
    const fits = !at.slice(0, i).includes(here) && ![...marks, ...taken].some(covers)
    if (fits) taken.push([from, to])
    return fits
  })
}
