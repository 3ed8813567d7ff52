/** A date as the workshop writes it. */
export const day = (instant: string): string =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).format(
    new Date(instant),
  )
