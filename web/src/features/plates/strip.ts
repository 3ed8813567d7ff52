import { arc, box, cup, disc, mitten, path, poly, type Plate } from './shapes'

const roller = (x: number, y: number, w: number, h: number): string =>
  poly([x, y + h * 0.12], [x + w, y], [x + w, y + h], [x, y + h * 0.88])

/** A bearing cut above the axis, its wide end to the right. */
const bearing = (x: number, y: number): { cup: string; roller: string; cone: string } => ({
  cup: cup(x, y, 62, 24),
  roller: roller(x + 6, y + 16, 46, 34),
  cone: poly(
    [x - 2, y + 78],
    [x - 2, y + 50],
    [x + 52, y + 58],
    [x + 52, y + 42],
    [x + 66, y + 42],
    [x + 66, y + 78],
  ),
})
const one = bearing(120, 40)

/** Hub apart, and clean. */
export const strip = {
  HOOK_CONE: {
    title: 'Hook seal and cone with the nut',
    alt: 'The nut is screwed back on a few turns without its washer. The hub is pulled sharply outward: the nut stops the cone, which drives its seal out.',
    shapes: [
      { d: box(60, 130, 250, 30), as: 'cut' },
      { d: box(76, 92, 34, 38), as: 'tool' },
      { d: 'M20 36h190v38h-36v20h-154Z', as: 'cut' },
      { d: poly([112, 130], [112, 104], [160, 97], [160, 88], [176, 88], [176, 130]), as: 'ring' },
      { d: box(182, 74, 14, 42), as: 'rubber' },
      { d: 'M150 22h-90', as: 'arrow', slides: [-10, 0] },
    ],
    words: [
      { at: [160, 26], says: 'pull the hub' },
      { at: [20, 184], says: 'nut on, no washer' },
    ],
  },
  LEVER_SEAL: {
    title: 'Lever the seal, over the lip of the hub',
    alt: 'A seal puller hooks behind the seal and rests on the rim of the hub, not on the bearing; a rag lies over it.',
    shapes: [
      { d: 'M40 60h120v44h-28v36h-92Z', as: 'cut' },
      { d: box(134, 70, 20, 34), as: 'rubber' },
      { d: roller(66, 106, 52, 30), as: 'body' },
      { d: 'M130 104c6 -16 22 -24 34 -30l110 -44l4 10l-108 46c-16 6 -22 14 -24 24Z', as: 'tool' },
      { d: disc(166, 66, 7), as: 'brass' },
      { d: 'M288 24v34', as: 'arrow', slides: [0, 6] },
      { d: 'M120 60c20 -26 60 -26 70 -4', as: 'ghost' },
    ],
    words: [
      { at: [178, 104], says: 'rests on the rim' },
      { at: [96, 30], says: 'a rag over it' },
    ],
  },
  DRIFT_CUP: {
    title: 'Cup out: notch to notch, side to side',
    alt: 'A hub on blocks. A brass drift reaches through to the two notches behind the cup; light blows from one side to the other walk it out level.',
    shapes: [
      { d: 'M60 50h40v90h-40ZM200 50h40v90h-40Z', as: 'cut' },
      { d: 'M100 110h14v30h-14ZM186 110h14v30h-14Z', as: 'ring' },
      { d: box(52, 140, 36, 30) + box(212, 140, 36, 30), as: 'tool' },
      { d: path([10, 170], [310, 170]), as: 'line' },
      { d: 'M112 12h12v96h-12Z', as: 'brass' },
      { d: 'M176 12h12v96h-12Z', as: 'ghost' },
      { d: 'M132 24c14 -12 26 -12 40 0', as: 'arrow' },
      { d: 'M150 120v26', as: 'arrow', slides: [0, 6] },
    ],
    words: [{ at: [98, 192], says: 'room beneath for the cup' }],
  },
  WASH: {
    title: 'Wash, then blow, held still',
    alt: 'A cone held still by hand in a stream of air from the side: the rollers must not spin, dry they are spoilt at once.',
    shapes: [
      { d: poly([120, 150], [132, 60], [206, 60], [218, 150]), as: 'ring' },
      {
        d: [0, 1, 2, 3, 4]
          .map((i) =>
            poly([126 + i * 19, 140], [132 + i * 16, 70], [144 + i * 16, 70], [142 + i * 19, 140]),
          )
          .join(''),
        as: 'body',
      },
      { d: mitten(212, 110), as: 'hand' },
      { d: 'M10 92h50l10 8l-10 8h-50Z', as: 'tool' },
      { d: 'M74 100h40M74 92l38 -10M74 108l38 10', as: 'thin' },
      { d: arc(169, 104, 70, -120, -60), as: 'ghost' },
      { d: 'M160 22l16 16M176 22l-16 16', as: 'mark' },
    ],
    words: [
      { at: [188, 30], says: 'never spin it' },
      { at: [12, 78], says: 'air' },
    ],
  },
  WAY_ROUND: {
    title: 'Cone: narrow end into the hub',
    alt: 'A bearing in section: cup with its thick edge against the shoulder, cone with its narrow end inward and the wide end towards the nut.',
    shapes: [
      { d: 'M30 10h220v30h-68v24h-152Z', as: 'cut' },
      { d: one.cup, as: 'ring' },
      { d: one.roller, as: 'body' },
      { d: one.cone, as: 'ring' },
      { d: box(30, 118, 240, 40), as: 'cut' },
      { d: 'M300 96h-84', as: 'arrow', slides: [-6, 0] },
    ],
    words: [
      { at: [206, 80], says: 'wide end out' },
      { at: [14, 90], says: 'narrow end in' },
    ],
  },
} satisfies Record<string, Plate>
