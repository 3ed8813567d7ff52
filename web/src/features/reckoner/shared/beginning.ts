import type { LastHub } from '$features/display'
import type { Unit } from './entries'

/** Where the numbers on a page come from before anybody typed one. */
export type Beginning = 'OWN' | 'EXAMPLE' | LastHub

/** A size of an example as it is typed in either unit. */
export const typedIn = (unit: Unit, millimetres: string, inches: string): string =>
  unit === 'MILLIMETRE' ? millimetres : inches

/** Of a field that held an example: what the hand put there. */
export function ownPart(event: Event, value: string): string {
  if (!(event instanceof InputEvent)) return value
  if (event.inputType.startsWith('delete')) return ''
  return event.inputType === 'insertText' ? (event.data ?? value) : value
}
