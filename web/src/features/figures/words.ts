import type { Schemas } from '$api/request'
import { leadingRange, otherRange } from '$features/display'

type Value = Schemas['FigureValueView']
export type FigureKind = Schemas['FigureEntry']['kind']
export type Authority = Schemas['GoverningView']['authority']

export const kindWords: Record<FigureKind, string> = {
  NUT_SEQUENCE: 'Nut sequence',
  END_PLAY: 'End play or preload',
  WHEEL_NUT_TORQUE: 'Wheel-nut torque',
  CALIPER_BOLT_TORQUE: 'Caliper bolt torque',
  ROTOR_BOLT_TORQUE: 'Rotor bolt torque',
  FLANGE_BOLT_TORQUE: 'Flange bolt torque',
  OUTER_NUT_TORQUE: 'Outer nut torque',
  SPANNERS: 'Spanners and sockets',
  GREASE: 'Grease',
  INTERVAL: 'Interval',
}

/** Of bolts and nuts: from and to, with a torque's units. */
export const isTorque = (kind: FigureKind): boolean => torques.includes(kind)

const torques: FigureKind[] = [
  'WHEEL_NUT_TORQUE',
  'CALIPER_BOLT_TORQUE',
  'ROTOR_BOLT_TORQUE',
  'FLANGE_BOLT_TORQUE',
  'OUTER_NUT_TORQUE',
]

/** What to do where not even common practice has a figure. */
export const unknownWords = (kind: FigureKind): string =>
  kind === 'WHEEL_NUT_TORQUE'
    ? 'Measure the stud, or look it up in the manual.'
    : kind === 'SPANNERS'
      ? 'Which fit this hub: they stand beside the steps that need them.'
      : 'No common practice: it stands in the manual.'

/** A figure in words: what leads, and the other unit beneath. */
export function valueWords(value: Value): { main: string; other: string } {
  switch (value.form) {
    case 'END_PLAY':
      return {
        main: leadingRange(value.least, value.most),
        other: otherRange(value.least, value.most),
      }
    case 'TORQUE': {
      const { least, most } = value
      return {
        main: `${Math.round(least.newtonMetres)} to ${Math.round(most.newtonMetres)} N·m`,
        other: `${Math.round(least.poundForceFeet)} to ${Math.round(most.poundForceFeet)} lbf·ft`,
      }
    }
    case 'RULES': {
      const [first, ...rest] = value.rules.map((rule) => rule.words)
      return { main: first ?? '', other: rest.length > 0 ? `or ${rest.join('; ')}` : '' }
    }
    case 'SEQUENCE':
      return { main: value.procedureLabel, other: value.words }
    case 'WORDS':
      return { main: value.words, other: '' }
  }
}
