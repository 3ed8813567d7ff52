import type { Schemas } from '$api/client'

type Almanac = Schemas['AlmanacView']

const DAY = 86_400_000

const at = (isoDay: string): number => Date.parse(`${isoDay}T00:00:00Z`)

/** Days on a strip: from the first month's first day, so many dots to the day. */
export class Scale {
  readonly from: number
  readonly days: number

  constructor(
    months: Almanac['months'],
    readonly width: number,
  ) {
    this.from = at(months[0]?.from ?? '2000-01-01')
    const last = new Date(at(months.at(-1)?.from ?? '2000-01-01'))
    this.days = (Date.UTC(last.getUTCFullYear(), last.getUTCMonth() + 1, 1) - this.from) / DAY
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

/** A month as the strip heads it: J F M …, the year at January. */
export const monthLetter = (isoDay: string): string => {
  const month = new Date(`${isoDay}T12:00:00Z`)
  return month.toLocaleDateString('en-GB', { month: 'short', timeZone: 'UTC' })
}

/** How long from today, as one would say it. */
export function away(days: number): string {
  if (days === 0) return 'today'
  if (days < 0) return `${span(-days)} late`
  return `in ${span(days)}`
}

function span(days: number): string {
  if (days === 1) return '1 day'
  if (days < 60) return `${days} days`
  return days < 730 ? `${Math.round(days / 30.4)} months` : `${Math.round(days / 365.25)} years`
}
