import type { Schemas } from '$api/request'

const ring = (outer: number, inner: number): string =>
  `M${outer} 0A${outer} ${outer} 0 1 0 ${-outer} 0A${outer} ${outer} 0 1 0 ${outer} 0Z` +
  `M${inner} 0A${inner} ${inner} 0 1 0 ${-inner} 0A${inner} ${inner} 0 1 0 ${inner} 0Z`

const screw = (x: number): string => `M${x - 6} -16H${x + 6}V-9H${x + 3}V18H${x - 3}V-9H${x - 6}Z`

/** Parts that the half-section does not show, or shows as one with others: drawn by hand, to no scale. */
export const loose: Partial<Record<Schemas['TrayView']['part'], string>> & { SHIMS: string } = {
  WHEEL:
    ring(42, 25) +
    'M16 0A4 4 0 1 0 8 0A4 4 0 1 0 16 0ZM-8 0A4 4 0 1 0 -16 0A4 4 0 1 0 -8 0Z' +
    'M4 -12A4 4 0 1 0 -4 -12A4 4 0 1 0 4 -12ZM4 12A4 4 0 1 0 -4 12A4 4 0 1 0 4 12Z',
  CALIPER: 'M-34 -20H34V16H20V-4H-20V16H-34ZM-18 0H-4V18H-18ZM4 0H18V18H4Z',
  DISC:
    ring(40, 14) + 'M24 0A3 3 0 1 0 18 0A3 3 0 1 0 24 0ZM-18 0A3 3 0 1 0 -24 0A3 3 0 1 0 -18 0Z',
  DISC_SPACER: ring(26, 18),
  LOCATING_PINS: 'M-22 -18H-14V18H-22ZM-4 -18H4V18H-4ZM14 -18H22V18H14Z',
  LININGS:
    'M-34 -6A40 40 0 0 1 -4 -34L-2 -26A32 32 0 0 0 -26 -4ZM34 6A40 40 0 0 1 4 34L2 26A32 32 0 0 0 26 4Z',
  HUB_COVER: ring(30, 8) + 'M-4 -8H4V8H-4Z',
  END_COVER: 'M-28 -20H16V-14H-22V14H16V20H-28Z',
  STEERING_JOINTS: 'M-8 -34H8V-20H14V4H-14V-20H-8ZM-4 4H4V34H-4Z',
  DRUM: 'M-30 -36H10V-30H-24V-6H-30ZM-30 36H10V30H-24V6H-30ZM-36 -6H-24V6H-36Z',
  COTTER: 'M-36 -3A7 7 0 1 1 -24 -3H36V0H-23V3H30V6H-24A7 7 0 1 1 -36 3Z',
  RETAINER: ring(26, 12) + 'M-4 -38H4V-26H-4ZM-4 38H4V26H-4ZM-38 -4V4H-26V-4ZM38 -4V4H26V-4Z',
  TANG_WASHER: ring(28, 14) + 'M-5 -38H5V-27H-5ZM-3 14H3V19H-3Z',
  TAB_WASHER: ring(28, 14) + 'M-5 -38H5V-27H-5ZM-5 38H5V27H-5ZM-3 14H3V19H-3Z',
  LOCK_PLATE: ring(30, 15) + 'M-2 -24H2V-20H-2ZM-20 12H-16V16H-20ZM16 12H20V16H16Z',
  LOCK_SCREWS: screw(-20) + screw(0) + screw(20),
  SHIMS: ring(30, 18) + ring(26, 20),
  CIRCLIP: 'M-6 28A30 30 0 1 1 6 28L5 22A23 23 0 1 0 -5 22Z',
  FLANGE_GASKET: ring(36, 20),
  CAP_GASKET: ring(34, 24),
  LOCKING_HUB: 'M-26 -24H0V-32H8V32H0V24H-26ZM-34 -8H-26V8H-34Z',
  HALF_SHAFT: 'M-40 -5H26V-24H36V24H26V5H-40ZM-40 -8H-24V8H-40Z',
}
