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
