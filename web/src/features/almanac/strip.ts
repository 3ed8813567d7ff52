import type { Schemas } from '$api/request'

type Almanac = Schemas['AlmanacView']

const DAY = 86_400_000

const at = (isoDay: string): number => Date.parse(`${isoDay}T00:00:00Z`)

/** Days on a strip, so many dots to the day. */
export class DayScale {
  private readonly from: number
  readonly days: number

  /** Both days are on it. */
  constructor(
    from: string,
    to: string,
    readonly width: number,
  ) {
    this.from = at(from)
    this.days = (at(to) - this.from) / DAY + 1
  }

  /** Where a day stands; what is outside the strip stands at its edge. */
  x(isoDay: string): number {
    const along = (at(isoDay) - this.from) / DAY / this.days
    return Math.min(1, Math.max(0, along)) * this.width
  }

  holds(isoDay: string): boolean {
    const along = (at(isoDay) - this.from) / DAY
    return along >= 0 && along <= this.days
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
