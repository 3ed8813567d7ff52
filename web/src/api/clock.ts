/** How far this device's clock is behind the server's, milliseconds; 0 until the server has told its time. */
let behind = 0

/** Answers tell whole seconds: a smaller difference is none. */
const LEAST = 2_000

/** Notes the server's time as an answer tells it; it was asked for at `asked`. */
export function heard(date: string | null, asked: number): void {
  const told = date === null ? Number.NaN : Date.parse(date)
  if (Number.isNaN(told)) return
  const difference = told + 500 - (asked + Date.now()) / 2
  behind = Math.abs(difference) < LEAST ? 0 : difference
}

/** Now, by this device's clock put right by the server's. */
export const now = (): Date => new Date(Date.now() + behind)
