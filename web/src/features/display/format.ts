import { now as clockNow } from '$api/clock'

/** A date as the workshop writes it. */
export const day = (instant: string): string =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).format(
    new Date(instant),
  )

/** This moment, as the server takes it. */
export const now = (): string => clockNow().toISOString()

/** Today, where this device is. */
export const today = (): string => clockNow().toLocaleDateString('en-CA')

/** A day that came without a time. */
export const date = (isoDay: string): string => (isoDay === '' ? '' : day(`${isoDay}T12:00:00`))

/** A date and the time of day. */
export const moment = (instant: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  }).format(new Date(instant))

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
