import { annulus, arc, box, corners, disc, mitten, path, poly, ticks, type Plate } from './shapes'

const tyre = annulus(150, 100, 78, 48)
const studs = [0, 72, 144, 216, 288].map((at) =>
  corners(
    150 + 26 * Math.cos(((at - 90) * Math.PI) / 180),
    100 + 26 * Math.sin(((at - 90) * Math.PI) / 180),
    7,
    6,
  ),
)

/** Wheel, stands, and what is felt before anything is loosened. */
export const wheel = {
  CRACK_NUTS: {
    title: 'Crack the nuts on the ground',
    alt: 'A wheel on the ground. A brace on its top nut is pressed down to loosen it half a turn; the tyre holds the wheel.',
    shapes: [
      { d: path([10, 180], [310, 180]), as: 'line' },
      { d: tyre, as: 'rubber' },
      { d: disc(150, 100, 48), as: 'body' },
      { d: studs.join(''), as: 'tool' },
      { d: disc(150, 100, 10), as: 'body' },
      { d: 'M154 70L40 52l-3 9L151 82Z', as: 'tool' },
      { d: 'M30 56v70', as: 'arrow', slides: [0, 8] },
    ],
    words: [{ at: [232, 108], says: 'half a turn' }],
  },
  STANDS: {
    title: 'On stands, before anything is under it',
    alt: 'An axle lies in the fork of a stand on firm ground; the jack is slack beside it and a wheel lies under the sill.',
    shapes: [
      { d: path([10, 184], [310, 184]), as: 'line' },
      { d: box(20, 60, 280, 22), as: 'cut' },
      { d: poly([96, 184], [120, 100], [136, 100], [160, 184]), as: 'tool' },
      { d: 'M112 100v-12h8v8h16v-8h8v12Z', as: 'tool' },
      { d: box(214, 128, 16, 56), as: 'body' },
      { d: box(206, 118, 32, 10), as: 'body' },
      { d: 'M222 112v-22', as: 'ghost' },
      { d: annulus(60, 164, 20, 9), as: 'rubber' },
    ],
    words: [
      { at: [98, 52], says: 'stand carries' },
      { at: [244, 150], says: 'jack slack' },
    ],
  },
  ROCK: {
    title: 'Rock it at twelve and six',
    alt: 'A raised wheel, one hand on top and one at the bottom: pushed above while it is pulled below.',
    shapes: [
      { d: tyre, as: 'rubber' },
      { d: disc(150, 100, 48), as: 'body' },
      { d: studs.join(''), as: 'tool' },
      { d: disc(150, 100, 10), as: 'body' },
      { d: 'M128 30h44M128 170h44', as: 'line' },
      { d: 'M262 44h-56', as: 'arrow', slides: [-6, 0] },
      { d: 'M206 156h56', as: 'arrow', slides: [6, 0] },
    ],
    words: [
      { at: [222, 32], says: '12: push' },
      { at: [222, 180], says: '6: pull' },
    ],
  },
  SPIN: {
    title: 'Spin it, a hand on the spring',
    alt: 'A raised wheel is spun by hand; the other hand lies on the leaf spring and feels for a growl.',
    shapes: [
      { d: tyre, as: 'rubber' },
      { d: disc(150, 100, 48), as: 'body' },
      { d: ticks(150, 100, 52, 12, 22), as: 'thin' },
      { d: disc(150, 100, 10), as: 'body' },
      { d: arc(150, 100, 90, -150, -40), as: 'arrow' },
      { d: 'M230 176h80v6h-80zM240 184h60v5h-60z', as: 'cut' },
      { d: mitten(232, 138), as: 'hand' },
    ],
    words: [{ at: [6, 196], says: 'a growl is felt first' }],
  },
  STAR: {
    title: 'Wheel nuts in the star',
    alt: 'Five wheel nuts numbered one to five, each next one across the wheel: half, full, once round.',
    shapes: [
      { d: disc(160, 100, 84), as: 'body' },
      { d: disc(160, 100, 22), as: 'tool' },
      ...[0, 144, 288, 72, 216].map((at) => ({
        d: corners(
          160 + 56 * Math.sin((at * Math.PI) / 180),
          100 - 56 * Math.cos((at * Math.PI) / 180),
          14,
          6,
        ),
        as: 'tool' as const,
      })),
      { d: 'M160 44L193 145L107 83L213 83L127 145', as: 'arrow' },
    ],
    words: [0, 144, 288, 72, 216].map((at, i) => ({
      at: [
        156 + 74 * Math.sin((at * Math.PI) / 180),
        105 - 74 * Math.cos((at * Math.PI) / 180),
      ] as const,
      says: String(i + 1),
    })),
  },
  INDICATOR: {
    title: 'Foot on the hub, tip on the spindle’s end',
    alt: 'A dial indicator: its magnet foot sits on the hub, its tip on the end of the spindle, in line with it. The hub is pushed and pulled while it is turned.',
    shapes: [
      { d: 'M20 100h140v40H20Z', as: 'cut' },
      { d: 'M70 60h120v28h-120ZM70 152h120v28h-120Z', as: 'cut' },
      { d: box(190, 52, 14, 136), as: 'body' },
      { d: box(204, 58, 26, 20), as: 'tool' },
      { d: path([217, 58], [217, 28], [262, 28], [262, 92]), as: 'line' },
      { d: disc(262, 120, 28), as: 'tool' },
      { d: path([262, 120], [274, 104]), as: 'line' },
      { d: 'M234 120h-74', as: 'line' },
      { d: 'M110 30h60', as: 'arrow', slides: [8, 0] },
    ],
    words: [
      { at: [62, 17], says: 'push, pull, turning' },
      { at: [228, 172], says: 'tip in line' },
    ],
  },
  INFRARED: {
    title: 'Heat: the same spot on every hub',
    alt: 'An infrared thermometer held a hand away from the hub, square to it, between the studs; not on bright metal.',
    shapes: [
      { d: disc(90, 100, 62), as: 'body' },
      { d: disc(90, 100, 24), as: 'tool' },
      {
        d: [0, 72, 144, 216, 288]
          .map((at) =>
            disc(
              90 + 44 * Math.sin((at * Math.PI) / 180),
              100 - 44 * Math.cos((at * Math.PI) / 180),
              6,
            ),
          )
          .join(''),
        as: 'body',
      },
      { d: 'M210 78h62v22h-20l6 58h-26l-6 -58h-16Z', as: 'tool' },
      { d: 'M208 84L122 92L122 108L208 94Z', as: 'ghost' },
      { d: disc(122, 100, 8), as: 'grease' },
    ],
    words: [{ at: [170, 190], says: 'a hand away, square' }],
  },
} satisfies Record<string, Plate>
