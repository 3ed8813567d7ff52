import { annulus, arc, box, corners, disc, path, type Plate } from './shapes'

/** Locks other than a cotter. */
export const lock = {
  TANG_WASHER: {
    title: 'One tang up against a flat',
    alt: 'A tang washer under a nut: its key sits in the spindle slot, and one fresh tang is bent up flat against the nut.',
    shapes: [
      { d: box(20, 84, 280, 32), as: 'cut' },
      { d: box(120, 40, 10, 44), as: 'brass' },
      { d: box(120, 116, 10, 44), as: 'brass' },
      { d: box(132, 46, 52, 38), as: 'tool' },
      { d: box(132, 116, 52, 38), as: 'tool' },
      { d: 'M120 40v-14h44v8h-34v6Z', as: 'brass' },
      { d: 'M120 40v-34', as: 'ghost' },
      { d: arc(124, 36, 34, -90, -18), as: 'arrow' },
    ],
    words: [
      { at: [194, 34], says: 'flat on the flat' },
      { at: [194, 172], says: 'a tang bends once' },
    ],
  },
  SHEET_CAP: {
    title: 'A sheet cap over the nut',
    alt: 'A notched sheet cap fits over a plain nut in one of several positions; the cotter goes through a notch and the hole without the nut being turned.',
    shapes: [
      { d: corners(110, 104, 50, 6, 30), as: 'tool' },
      { d: disc(110, 104, 22), as: 'cut' },
      { d: annulus(236, 104, 54, 30), as: 'brass' },
      {
        d: [0, 60, 120, 180, 240, 300]
          .map((at) =>
            corners(
              236 + 54 * Math.cos((at * Math.PI) / 180),
              104 + 54 * Math.sin((at * Math.PI) / 180),
              7,
              4,
              at,
            ),
          )
          .join(''),
        as: 'body',
      },
      { d: 'M176 104h-44', as: 'arrow', slides: [-6, 0] },
      { d: path([110, 74], [110, 134]), as: 'ghost' },
    ],
    words: [{ at: [64, 186], says: 'turn the cap, not the nut' }],
  },
  LOCK_PLATE: {
    title: 'Turn the plate over before the nut',
    alt: 'A lock plate with its screw holes between those of the ring nut. Turned over it fits half a division further; only then is the nut moved, looser.',
    shapes: [
      { d: annulus(110, 100, 70, 34), as: 'tool' },
      {
        d: [0, 45, 90, 135, 180, 225, 270, 315]
          .map((at) =>
            disc(
              110 + 52 * Math.cos((at * Math.PI) / 180),
              100 + 52 * Math.sin((at * Math.PI) / 180),
              6,
            ),
          )
          .join(''),
        as: 'body',
      },
      { d: annulus(246, 100, 52, 26), as: 'brass' },
      {
        d: [20, 140, 260]
          .map((at) =>
            disc(
              246 + 40 * Math.cos((at * Math.PI) / 180),
              100 + 40 * Math.sin((at * Math.PI) / 180),
              5,
            ),
          )
          .join(''),
        as: 'body',
      },
      { d: arc(246, 100, 66, -150, -40), as: 'arrow' },
    ],
    words: [{ at: [160, 190], says: 'over: half a hole on' }],
  },
  STAKE: {
    title: 'Stake the collar into the slot',
    alt: 'The thin collar of a new nut is pressed down into the spindle slot with a rounded punch, without a crack. A staked nut is used once.',
    shapes: [
      { d: box(20, 110, 280, 60), as: 'cut' },
      { d: box(150, 110, 44, 22), as: 'body' },
      { d: 'M80 66h80v44h-80Z', as: 'tool' },
      { d: 'M160 96h40v10h-6c-4 16 -30 16 -34 0Z', as: 'brass' },
      { d: 'M166 28h24l-4 50c-4 8 -12 8 -16 0Z', as: 'tool', slides: [0, 8] },
      { d: 'M210 30v44', as: 'arrow' },
    ],
    words: [{ at: [16, 28], says: 'a round punch' }],
  },
  TWO_NUTS: {
    title: 'Two nuts: hold one, pull the other',
    alt: 'Inner nut and outer nut with a tab washer between them. The inner is held with one wrench while the outer is tightened against it; that takes play away.',
    shapes: [
      { d: box(20, 84, 280, 32), as: 'cut' },
      { d: box(92, 44, 40, 40) + box(92, 116, 40, 40), as: 'tool' },
      { d: box(134, 38, 8, 46) + box(134, 116, 8, 46), as: 'brass' },
      { d: box(144, 44, 40, 40) + box(144, 116, 40, 40), as: 'tool' },
      { d: 'M104 44V10h16v34Z', as: 'tool' },
      { d: 'M156 156v36h16v-36Z', as: 'tool' },
      { d: 'M200 184h52', as: 'arrow', slides: [6, 0] },
    ],
    words: [
      { at: [14, 26], says: 'inner: held' },
      { at: [200, 170], says: 'outer: pulled' },
    ],
  },
} satisfies Record<string, Plate>
