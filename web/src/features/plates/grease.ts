import { arc, box, disc, path, poly, type Plate, type Shape } from './shapes'

const coneRow = (x: number, y: number): readonly Shape[] => [
  { d: poly([x, y + 90], [x + 14, y], [x + 96, y], [x + 110, y + 90]), as: 'ring' },
  ...[0, 1, 2, 3, 4].map((i): Shape => ({
    d: poly(
      [x + 6 + i * 20, y + 82],
      [x + 18 + i * 16, y + 8],
      [x + 30 + i * 16, y + 8],
      [x + 22 + i * 20, y + 82],
    ),
    as: 'body',
  })),
]

/** Grease and seal. */
export const grease = {
  PALM: {
    title: 'Pack it in the palm, wide end down',
    alt: 'The wide end of a cone is pressed down into a palmful of grease, bite by bite, until it worms out between the rollers on top, all the way round.',
    shapes: [
      { d: 'M30 150c40 30 180 30 230 -6l20 16c-40 44 -230 44 -260 10Z', as: 'hand' },
      { d: 'M70 150c20 18 120 20 160 -4v-12h-160Z', as: 'grease' },
      ...coneRow(96, 44),
      {
        d: 'M112 44c2 -10 8 -10 8 0M132 44c2 -12 8 -12 8 0M152 44c2 -10 8 -10 8 0M172 44c2 -12 8 -12 8 0',
        as: 'grease',
      },
      { d: 'M232 40v60', as: 'arrow', slides: [0, 8] },
    ],
    words: [{ at: [8, 24], says: 'worms out on top' }],
  },
  PACKER: {
    title: 'With a packer',
    alt: 'A cone between the two cups of a packer: grease from the gun goes in from the middle and comes out between the rollers all round.',
    shapes: [
      { d: 'M90 60h140l-24 -34h-92Z', as: 'tool' },
      ...coneRow(105, 62),
      { d: 'M90 154h140l-24 34h-92Z', as: 'tool' },
      { d: 'M154 4h12v24h-12Z', as: 'tool' },
      { d: 'M160 8v16', as: 'arrow' },
      {
        d: 'M96 84c-14 0 -14 8 -2 8M96 112c-14 0 -14 8 -2 8M224 84c14 0 14 8 2 8M224 112c14 0 14 8 2 8',
        as: 'grease',
      },
    ],
    words: [{ at: [240, 78], says: 'all round' }],
  },
  PURGE: {
    title: 'Through the nipple, turning the hub',
    alt: 'A grease-through spindle: grease goes in at the nipple, along the channel to the inboard bearing and back through the outboard one to the front. The hub is turned all the time.',
    shapes: [
      { d: 'M60 84h240v40h-240Z', as: 'cut' },
      { d: box(60, 99, 170, 10), as: 'grease' },
      { d: box(222, 60, 8, 40), as: 'grease' },
      { d: 'M80 26h170v22h-170Z', as: 'cut' },
      {
        d:
          poly([214, 50], [250, 46], [250, 78], [214, 70]) +
          poly([80, 46], [112, 50], [112, 70], [80, 78]),
        as: 'body',
      },
      { d: 'M20 96h40v16h-40Z', as: 'tool' },
      { d: path([206, 58], [126, 58]), as: 'arrow' },
      { d: path([74, 58], [40, 58]), as: 'arrow' },
      { d: arc(166, 104, 74, 30, 150), as: 'arrow' },
    ],
    words: [
      { at: [16, 88], says: 'gun' },
      { at: [8, 46], says: 'clean here' },
      { at: [130, 196], says: 'turn the hub' },
    ],
  },
  PISTON: {
    title: 'Spring-loaded cap: 3 mm and stop',
    alt: 'A spring-loaded cap in section: its piston has risen some three millimetres out of its rest. One stroke more and grease goes out past the inner seal.',
    shapes: [
      { d: 'M70 40h200v16h-184v88h184v16h-200Z', as: 'cut' },
      { d: box(142, 58, 124, 84), as: 'grease' },
      { d: box(130, 58, 12, 84), as: 'body' },
      { d: 'M88 74l10 -10l10 20l10 -20l12 10M88 126l10 -10l10 20l10 -20l12 10', as: 'line' },
      { d: box(16, 93, 116, 14), as: 'tool' },
      { d: 'M130 150v22M142 150v22M130 166h12', as: 'thin' },
      { d: 'M190 26h-44', as: 'arrow', slides: [-4, 0] },
    ],
    words: [
      { at: [118, 190], says: '3 mm' },
      { at: [88, 32], says: 'spring' },
      { at: [10, 86], says: 'gun' },
    ],
  },
  LIP_WAY: {
    title: 'Lip and spring inward, flat side out',
    alt: 'A lip seal in section: open side with the spring towards the bearing and its grease, flat side out; square and flush.',
    shapes: [
      { d: 'M40 20h150v40h-150Z', as: 'cut' },
      { d: 'M150 60h40v8h-32v30l-18 22l-6 -6l10 -16v-38Z', as: 'rubber' },
      { d: disc(140, 104, 6), as: 'brass' },
      { d: box(20, 122, 270, 40), as: 'cut' },
      { d: poly([50, 66], [104, 62], [104, 104], [50, 98]), as: 'body' },
      { d: box(110, 66, 20, 40), as: 'grease' },
      { d: 'M286 80h-80', as: 'arrow', slides: [-6, 0] },
    ],
    words: [
      { at: [210, 66], says: 'flat side out' },
      { at: [30, 186], says: 'bearing and grease' },
    ],
  },
  MARINE_WAY: {
    title: 'Two-piece: sleeve on, lip in the hub',
    alt: 'A two-piece marine seal: the sleeve goes on the spindle, chamfer outward; the lip part goes into the hub and rides on it.',
    shapes: [
      { d: 'M40 20h150v36h-150Z', as: 'cut' },
      { d: 'M150 56h40v10h-28v24l-14 16l-6 -6l8 -14Z', as: 'rubber' },
      { d: box(120, 108, 90, 12), as: 'brass' },
      { d: poly([210, 108], [218, 114], [218, 120], [210, 120]), as: 'brass' },
      { d: box(20, 120, 270, 40), as: 'cut' },
      { d: 'M290 114h-60', as: 'arrow', slides: [-6, 0] },
      { d: 'M250 74h-50', as: 'arrow' },
    ],
    words: [
      { at: [226, 104], says: 'sleeve' },
      { at: [212, 62], says: 'lip' },
    ],
  },
  UNITIZED_WAY: {
    title: 'Unitized: one piece, oil side in',
    alt: 'A unitized seal: lip and sleeve in one. The side marked for oil looks to the bearing; it is pressed on its outer edge and its inner sleeve turns with the spindle.',
    shapes: [
      { d: 'M40 20h170v36h-170Z', as: 'cut' },
      { d: 'M140 56h70v10h-60v40h60v12h-70Z', as: 'brass' },
      { d: 'M162 72h40v26h-40Z', as: 'rubber' },
      { d: box(20, 118, 270, 40), as: 'cut' },
      { d: 'M214 40h20v60h-20Z', as: 'tool' },
      { d: 'M290 62h-50', as: 'arrow', slides: [-6, 0] },
    ],
    words: [
      { at: [60, 94], says: 'oil side' },
      { at: [214, 32], says: 'press its edge' },
    ],
  },
} satisfies Record<string, Plate>
