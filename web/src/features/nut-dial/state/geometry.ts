import type { Schemas } from '$api/request'

export type Hand = Schemas['ThreadForm']['hand']
export type Lock = Schemas['LockForm']

/** Where things stand on the dial, in its own units from the middle. */
export const R = {
  disc: 304,
  ring: 272,
  label: 288,
  scaleOut: 250,
  scaleIn: 188,
  nut: 156,
  flat: 135,
  crown: 118,
  spindle: 90,
  mark: 322,
} as const

/**
 * A point of the dial. Angles count in the loosening direction from the top: anticlockwise for a
 * right-hand thread, clockwise for a left-hand one, so that the whole face flips.
 */
export function point(r: number, degrees: number, hand: Hand): { x: number; y: number } {
  const t = (degrees * Math.PI) / 180
  return { x: (hand === 'RIGHT' ? -1 : 1) * r * Math.sin(t), y: -r * Math.cos(t) }
}

const xy = (r: number, degrees: number, hand: Hand): string => {
  const p = point(r, degrees, hand)
  return `${p.x.toFixed(2)} ${p.y.toFixed(2)}`
}

/** A piece of a ring between two angles less than a turn apart. */
export function sector(inner: number, outer: number, from: number, to: number, hand: Hand): string {
  const large = Math.abs(to - from) > 180 ? 1 : 0
  const out = (hand === 'RIGHT') === to > from ? 0 : 1
  return (
    `M${xy(outer, from, hand)}A${outer} ${outer} 0 ${large} ${out} ${xy(outer, to, hand)}` +
    `L${xy(inner, to, hand)}A${inner} ${inner} 0 ${large} ${1 - out} ${xy(inner, from, hand)}Z`
  )
}

/** A straight piece of a ray. */
export const ray = (from: number, to: number, degrees: number, hand: Hand): string =>
  `M${xy(from, degrees, hand)}L${xy(to, degrees, hand)}`

/** A regular polygon with the middle of a flat at `degrees`. */
export function polygon(corners: number, radius: number, degrees: number, hand: Hand): string {
  const points = Array.from({ length: corners }, (_, i) =>
    xy(radius, degrees + (360 / corners) * (i + 0.5), hand),
  )
  return `M${points.join('L')}Z`
}

/** How many times the turning part looks the same in one turn. */
export function slotCount(lock: Lock): number {
  switch (lock.kind) {
    case 'CASTLE_NUT':
    case 'SEATED_RETAINER':
      return lock.slots ?? 6
    case 'PUSH_ON_RETAINER':
      return lock.seats ?? 12
    case 'TANG_WASHER':
      return lock.flats ?? 6
    case 'LOCK_PLATE':
      return lock.ringHoles ?? 6
    case 'TWO_NUTS':
    case 'STAKED_COLLAR':
      return 1
  }
}

/** Whether the lock holds at certain angles only. */
export const isStepped = (lock: Lock): boolean =>
  lock.kind !== 'TWO_NUTS' && lock.kind !== 'STAKED_COLLAR'

/** Angles of the marks that do not turn. */
export const marksOf = (lock: Lock): number[] =>
  'marksDegrees' in lock && lock.marksDegrees?.length ? lock.marksDegrees : [0]

/** The same look of the face, within half a slot either way. */
export function withinOneSlot(degrees: number, lock: Lock): number {
  const spacing = 360 / slotCount(lock)
  const rest = ((degrees % spacing) + spacing) % spacing
  return rest > spacing / 2 ? rest - spacing : rest
}

/** Angle of a screen position seen from the middle, in the loosening direction. */
export const angleOf = (x: number, y: number, hand: Hand): number =>
  (Math.atan2(hand === 'RIGHT' ? -x : x, -y) * 180) / Math.PI
