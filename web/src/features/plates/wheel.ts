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

/** Each next nut across the wheel, in degrees from the top. */
const star = [0, 144, 288, 72, 216]
const around = (degrees: number, radius: number): [number, number] => [
  160 + radius * Math.sin((degrees * Math.PI) / 180),
  100 - radius * Math.cos((degrees * Math.PI) / 180),
]

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
    alt: 'A raised wheel from its edge, the axle on a stand: pushed in at the top while it is pulled out at the bottom, then the other way; play shows as a tilt.',
    shapes: [
      { d: box(184, 90, 126, 20), as: 'cut' },
      { d: poly([238, 186], [256, 110], [276, 110], [294, 186]), as: 'tool' },
      { d: path([226, 186], [310, 186]), as: 'line' },
      { d: 'M118 30q0 -10 10 -10h46q10 0 10 10v140q0 10 -10 10h-46q-10 0 -10 -10Z', as: 'rubber' },
      { d: path([135, 20], [135, 180]) + path([151, 20], [151, 180]), as: 'thin' },
      { d: path([167, 20], [167, 180]), as: 'thin' },
      { d: poly([136, 14], [202, 20], [166, 186], [100, 180]), as: 'ghost' },
      { d: 'M48 42h54', as: 'arrow', slides: [8, 0] },
      { d: 'M88 158h-54', as: 'arrow', slides: [-8, 0] },
    ],
    words: [
      { at: [26, 26], says: '12: push in' },
      { at: [12, 186], says: '6: pull out' },
      { at: [218, 80], says: 'axle' },
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
      { d: disc(160, 100, 74), as: 'body' },
      { d: disc(160, 100, 20), as: 'tool' },
      ...star.map((at) => ({ d: corners(...around(at, 50), 13, 6), as: 'tool' as const })),
      { d: path(...star.map((at) => around(at, 50))), as: 'arrow' },
    ],
    words: star.map((at, i) => {
      const [x, y] = around(at, 86)
      return { at: [x - 4, y + 5] as const, says: String(i + 1) }
    }),
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
      { d: box(10, 90, 34, 20), as: 'cut' },
      { d: box(44, 26, 20, 148), as: 'body' },
      { d: box(64, 38, 34, 12) + box(64, 150, 34, 12), as: 'tool' },
      { d: box(64, 60, 60, 80), as: 'body' },
      { d: 'M124 84h18q10 0 10 16q0 16 -10 16h-18Z', as: 'tool' },
      { d: 'M228 60h66v22h-20l6 58h-26l-6 -58h-20Z', as: 'tool' },
      { d: 'M226 67L128 70M226 75L128 74', as: 'ghost' },
      { d: box(122, 62, 6, 18), as: 'grease' },
    ],
    words: [
      { at: [138, 52], says: 'square, a hand away' },
      { at: [160, 106], says: 'cap' },
    ],
  },
} satisfies Record<string, Plate>
