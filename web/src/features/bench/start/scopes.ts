import type { Schemas } from '$api/request'

export type Scope = Schemas['PlanForm']['scope']

/** How far a job may go, the usual ones first. */
export const scopes: { value: Scope; label: string; note: string }[] = [
  { value: 'REPACK', label: 'Inspect and repack', note: 'bearings stay where they pass' },
  { value: 'RENEW', label: 'Renew bearings and races', note: 'new cups and cones, same hub' },
  { value: 'ADJUST', label: 'Adjust only', note: 'nut and lock, nothing else comes apart' },
  { value: 'LOOK', label: 'Look only', note: 'heat, spin, rock, under the cap' },
  { value: 'TOP_UP', label: 'Top up only', note: 'spring-loaded cap, or oil to its mark' },
  { value: 'EXCHANGE', label: 'Hub exchange', note: 'a complete new hub' },
  { value: 'ROADSIDE', label: 'Roadside rescue', note: 'packed spares, hand tools' },
  { value: 'FIRST_BUILD', label: 'First build', note: 'a bare spindle and new parts' },
]
