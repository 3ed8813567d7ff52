import type { Schemas } from '$api/client'
import { leadingLength, otherLength } from '$features/display'

type Value = Schemas['FigureValueView']
export type FigureKind = Schemas['FigureEntry']['kind']
export type Authority = Schemas['GoverningView']['authority']

export const kindWords: Record<FigureKind, string> = {
  NUT_SEQUENCE: 'Nut sequence',
  END_PLAY: 'End play or preload',
  WHEEL_NUT_TORQUE: 'Wheel-nut torque',
  GREASE: 'Grease',
  INTERVAL: 'Interval',
}

const range = (from: string, to: string): string => {
  const [low, unit] = from.split(' ')
  const [, other] = to.split(' ')
  return unit === other ? `${low} to ${to}` : `${from} to ${to}`
}

const months = (count: number): string => (count === 1 ? '1 month' : `${count} months`)

/** A figure in words: what leads, and the other unit beneath. */
export function valueWords(value: Value): { main: string; other: string } {
  if (value.least && value.most)
    return {
      main: range(leadingLength(value.least), leadingLength(value.most)),
      other: range(otherLength(value.least), otherLength(value.most)),
    }
  if (value.leastTorque && value.mostTorque) {
    const { leastTorque: least, mostTorque: most } = value
    return {
      main: `${Math.round(least.newtonMetres)} to ${Math.round(most.newtonMetres)} N·m`,
      other: `${Math.round(least.poundForceFeet)} to ${Math.round(most.poundForceFeet)} lbf·ft`,
    }
  }
  if (value.months !== undefined)
    return {
      main: months(value.months),
      other: value.kilometres ? `or ${value.kilometres.toLocaleString('en-GB')} km` : '',
    }
  if (value.schoolLabel) return { main: value.schoolLabel, other: value.words ?? '' }
  return { main: value.words ?? '', other: '' }
}
