import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

export type Unit = 'MILLIMETRE' | 'INCH'
export type Degree = 'CELSIUS' | 'FAHRENHEIT'

export const units = [
  { value: 'MILLIMETRE', label: 'mm' },
  { value: 'INCH', label: 'in' },
] as const satisfies { value: Unit; label: string }[]

export const degreeUnits = [
  { value: 'CELSIUS', label: '°C' },
  { value: 'FAHRENHEIT', label: '°F' },
] as const satisfies { value: Degree; label: string }[]

/** A length as typed; null where it is no number. */
export function lengthOf(text: string, unit: Unit): Schemas['LengthEntry'] | null {
  const value = number(text)
  return value === null ? null : { number: value, unit }
}

/** A temperature as typed; null where it is no number. */
export function temperatureOf(text: string, unit: Degree): Schemas['TemperatureEntry'] | null {
  const value = number(text)
  return value === null ? null : { number: value, unit }
}

/** A temperature in both units, the leading one first. */
export const temperature = (view: Schemas['TemperatureView'], metric: boolean): string =>
  metric
    ? `${Math.round(view.celsius)} °C (${Math.round(view.fahrenheit)} °F)`
    : `${Math.round(view.fahrenheit)} °F (${Math.round(view.celsius)} °C)`

/** Seconds as one would say them. */
export function howLong(seconds: number): string {
  if (seconds < 1) return 'no time'
  if (seconds < 90) return `${Math.round(seconds)} seconds`
  return `${Math.floor(seconds / 60)} minutes`
}

/** Asks again when typing has paused: a half-typed number is another part. */
export function soon(ask: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  return () => {
    clearTimeout(timer)
    timer = setTimeout(ask, 250)
  }
}
