import type { LengthUnit, TorqueUnit } from './nut-dial.svelte'

/** Units a length may be typed in. */
export const lengthUnits = [
  { value: 'MILLIMETRE', label: 'mm' },
  { value: 'THOUSANDTH_INCH', label: 'thou' },
] as const satisfies { value: LengthUnit; label: string }[]

/** Units a torque may be typed in; inch-pounds first, the fine setting's own. */
export const torqueChoices = [
  { value: 'POUND_FORCE_INCH', label: 'lbf·in' },
  { value: 'POUND_FORCE_FOOT', label: 'lbf·ft' },
  { value: 'NEWTON_METRE', label: 'N·m' },
] as const satisfies { value: TorqueUnit; label: string }[]
