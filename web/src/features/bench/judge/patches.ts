import type { Schemas } from '$api/request'

type ModeName = Schemas['DamageModeView']['mode']

/** Marks on a strip of raceway, 72 by 44, the rollers going from left to right. */
export interface Patch {
  /** Lines. */
  lines?: string
  /** Filled shapes, by the tone that carries them. */
  shapes?: { d: string; tone: 'ink' | 'oxide' | 'brass' | 'grease' | 'wall' }[]
}

const dots = (points: readonly (readonly [number, number, number])[]): string =>
  points
    .map(([x, y, r]) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`)
    .join('')

const bars = (width: number, from = 8, by = 14): string =>
  [0, 1, 2, 3, 4].map((i) => `M${from + i * by} 8h${width}v28h${-width}Z`).join('')

const FLAKE = 'M20 18 30 12 44 15 52 24 46 33 34 31 27 34 19 27Z'
const SPREAD = [
  [12, 14, 1.4],
  [24, 30, 1.8],
  [31, 12, 1.2],
  [42, 26, 2],
  [52, 14, 1.4],
  [60, 31, 1.6],
  [16, 34, 1.1],
] as const

/** Drawn by the program; each differs by its marks, not by tone alone. */
export const patches: Record<ModeName, Patch> = {
  SUBSURFACE_FATIGUE: {
    shapes: [{ d: FLAKE, tone: 'ink' }],
    lines: 'M24 20 40 18M26 26 46 26M30 30 42 29',
  },
  SURFACE_FATIGUE: {
    shapes: [
      { d: dots([...SPREAD, [36, 20, 1], [46, 18, 1], [28, 22, 1], [38, 33, 1]]), tone: 'ink' },
    ],
    lines: 'M18 20l6 3M40 14l5 2M50 24l6 3M30 34l5-2',
  },
  ABRASIVE_WEAR: { lines: 'M4 10H68M4 14H68M4 18H68M4 22H68M4 26H68M4 30H68M4 34H68' },
  ADHESIVE_WEAR: {
    shapes: [{ d: 'M6 14 66 11V17L6 20ZM10 26 62 24V31L10 32Z', tone: 'brass' }],
    lines: 'M6 15 66 13M10 28 62 27',
  },
  MOISTURE_CORROSION: { shapes: [{ d: bars(4) + dots(SPREAD), tone: 'oxide' }] },
  FRETTING_CORROSION: {
    shapes: [{ d: 'M4 8H34L28 20 38 36H4ZM52 8H68V36H46L54 22Z', tone: 'oxide' }],
  },
  FALSE_BRINELLING: { shapes: [{ d: bars(6), tone: 'brass' }] },
  CURRENT_EROSION: {
    shapes: [
      {
        d: dots([
          [20, 16, 4],
          [42, 28, 5],
          [56, 14, 3],
        ]),
        tone: 'ink',
      },
    ],
    lines: 'M12 16a8 8 0 1 1 16 0M33 28a9 9 0 1 1 18 0',
  },
  CURRENT_LEAKAGE: { lines: [...Array(12).keys()].map((i) => `M${7 + i * 5.4} 6V38`).join('') },
  TRUE_BRINELLING: { shapes: [{ d: bars(4), tone: 'ink' }], lines: bars(8, 6) },
  PARTICLE_DENTS: { shapes: [{ d: dots(SPREAD), tone: 'ink' }] },
  FORCED_FRACTURE: {
    shapes: [{ d: 'M44 4H70V40H52L46 30 54 22Z', tone: 'wall' }],
    lines: 'M44 4 54 22 46 30 52 40',
  },
  FATIGUE_FRACTURE: {
    lines:
      'M36 4 34 16 38 26 35 40M44 8a14 14 0 0 1 0 26M50 10a12 12 0 0 1 0 22M56 13a9 9 0 0 1 0 16',
  },
  THERMAL_CRACKING: {
    shapes: [{ d: 'M4 12H68V32H4Z', tone: 'grease' }],
    lines: 'M14 8V36M24 12 26 34M36 8 34 36M48 10V34M58 12 60 36',
  },
  STRAW_TINT: { shapes: [{ d: 'M4 10C24 4 48 16 68 9V34C50 40 22 28 4 35Z', tone: 'brass' }] },
  BLUE_TINT: { shapes: [{ d: 'M4 10C24 4 48 16 68 9V34C50 40 22 28 4 35Z', tone: 'grease' }] },
  CAGE_WORN: { lines: 'M6 12H66M6 34H40L48 28 66 32M16 12V34M30 12 32 34M46 12 50 27M60 12V31' },
  UNEVEN_TRACK: { shapes: [{ d: 'M4 8 68 26V36L4 18Z', tone: 'brass' }] },
  CREEP: { lines: 'M4 12C24 8 48 16 68 12M4 22C24 18 48 26 68 22M4 32C24 28 48 36 68 32' },
  GROOVE: { shapes: [{ d: 'M4 19H68V25H4Z', tone: 'ink' }], lines: 'M4 17H68M4 27H68' },
  THREAD_DAMAGE: { lines: 'M6 34 12 12 18 34 24 12 29 30 33 26 38 34 44 12 50 34 56 12 62 34' },
  BURR: { lines: 'M4 30H34L38 14 43 30H68', shapes: [{ d: 'M34 30 38 14 43 30Z', tone: 'ink' }] },
  TEETH_DAMAGED: { lines: 'M6 34V14H14V34H22V14H30V34H38V26L44 30V34H52V14H60V34' },
  NORMAL_PATH: { shapes: [{ d: 'M4 14H68V30H4Z', tone: 'wall' }] },
}
