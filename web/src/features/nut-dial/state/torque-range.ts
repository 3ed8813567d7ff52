import type { Schemas } from '$api/request'
import { figure } from '$features/display'

/** The three units every torque is shown in. */
export const torqueUnits = [
  { key: 'newtonMetres', label: 'N·m' },
  { key: 'poundForceFeet', label: 'lbf·ft' },
  { key: 'poundForceInches', label: 'lbf·in' },
] as const

/** A torque to pull in one of them. */
export function range(
  torque: Schemas['TorqueRangeView'],
  unit: (typeof torqueUnits)[number]['key'],
): string {
  const least = figure(torque.least[unit])
  const most = figure(torque.most[unit])
  return torque.orMore ? `${least}+` : least === most ? least : `${least}–${most}`
}
