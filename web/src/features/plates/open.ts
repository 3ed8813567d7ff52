import { arc, box, corners, disc, mitten, path, poly, type Plate } from './shapes'

const castle = (x: number, y: number, r: number): string =>
  corners(x, y, r, 6, 30) +
  [0, 60, 120, 180, 240, 300]
    .map((at) => {
      const [c, s] = [Math.cos((at * Math.PI) / 180), Math.sin((at * Math.PI) / 180)]
      const p = (along: number, across: number): string =>
        `${(x + c * along - s * across).toFixed(1)} ${(y + s * along + c * across).toFixed(1)}`
      return `M${p(r * 0.52, -4)}L${p(r * 0.87, -4)}L${p(r * 0.87, 4)}L${p(r * 0.52, 4)}Z`
    })
    .join('')

/** Cap and lock: off, and on again. */
export const open = {
  CAP_OFF: {
    title: 'Cap off, turning the hub',
    alt: 'A cap sits in the end of a hub. Its rim is tapped outward a little at a time while the hub is turned, so that it stays round.',
    shapes: [
      { d: 'M30 40h110v120h-110Z', as: 'cut' },
      {
        d: 'M140 62h26c30 0 44 16 44 38s-14 38 -44 38h-26v-8h22c26 0 38 -12 38 -30s-12 -30 -38 -30h-22Z',
        as: 'body',
      },
      { d: box(138, 54, 10, 92), as: 'body' },
      { d: 'M158 30l18 -14l10 12l-18 14Z', as: 'tool' },
      { d: 'M180 20l60 -14', as: 'line' },
      { d: 'M150 40l-2 12', as: 'arrow', slides: [4, 0] },
      { d: arc(86, 100, 84, 120, 220), as: 'arrow' },
    ],
    words: [{ at: [150, 184], says: 'at its rim, all round' }],
  },
  STRAIGHTEN: {
    title: 'Straighten the cotter, then pull',
    alt: 'A castle nut with its cotter: both bent legs are straightened with pliers, then the eye is pulled straight out.',
    shapes: [
      { d: disc(150, 100, 28), as: 'cut' },
      { d: castle(150, 100, 66), as: 'tool' },
      { d: 'M60 96h180', as: 'line' },
      { d: 'M58 100a9 9 0 1 1 0 -8h182v4h-182', as: 'brass' },
      { d: 'M240 92c14 0 22 -8 26 -24M240 98c14 0 22 10 26 26', as: 'ghost' },
      { d: 'M268 64c4 14 2 24 -8 28', as: 'arrow' },
      { d: 'M42 96h-34', as: 'arrow', slides: [-6, 0] },
    ],
    words: [
      { at: [232, 44], says: '1 straight' },
      { at: [6, 78], says: '2 pull' },
    ],
  },
  BENT_LEGS: {
    title: 'Both legs bent, clear of the cap',
    alt: 'A castle nut with a new cotter through slot and hole. One leg lies back over the spindle end, the other down along a flat; nothing stands up that the cap could meet.',
    shapes: [
      { d: castle(150, 104, 66), as: 'tool' },
      { d: disc(150, 104, 28), as: 'cut' },
      { d: 'M60 100a9 9 0 1 1 0 -8h90v8h-90', as: 'brass' },
      {
        d: 'M150 92c24 0 30 -2 32 -10c4 -14 -18 -16 -34 -10l-2 -6c22 -8 48 -2 42 18c-4 12 -20 14 -38 14Z',
        as: 'brass',
      },
      { d: 'M150 100h64c8 0 10 8 10 22v20h-7v-20c0 -10 0 -15 -6 -15h-61Z', as: 'brass' },
    ],
    words: [
      { at: [198, 48], says: 'one over the end' },
      { at: [196, 190], says: 'one along a flat' },
    ],
  },
  SLOT_AND_HOLE: {
    title: 'Next slot, looser only',
    alt: 'A castle nut whose slot has just passed the hole of the spindle: it goes back to the slot before, looser, never on to the tighter one.',
    shapes: [
      { d: castle(150, 104, 66), as: 'tool' },
      { d: disc(150, 104, 28), as: 'cut' },
      { d: path([150, 60], [150, 148]), as: 'brass' },
      { d: arc(150, 104, 82, -70, -112), as: 'arrow' },
      { d: arc(150, 104, 82, -66, -28), as: 'ghost' },
      { d: 'M222 44l14 14M236 44l-14 14', as: 'mark' },
    ],
    words: [
      { at: [34, 24], says: 'looser: yes' },
      { at: [242, 40], says: 'tighter: no' },
    ],
  },
  HAND_ON_NUT: {
    title: 'Finger-tight means fingers',
    alt: 'A gloved hand turns the nut home with the fingers alone, no wrench on it.',
    shapes: [
      { d: box(20, 84, 120, 32), as: 'cut' },
      { d: castle(150, 100, 44), as: 'tool' },
      { d: disc(150, 100, 18), as: 'cut' },
      { d: mitten(186, 96), as: 'hand' },
      { d: arc(150, 100, 64, -150, -60), as: 'arrow' },
      { d: poly([20, 60], [60, 60], [60, 80], [20, 80]), as: 'ghost' },
    ],
    words: [{ at: [20, 52], says: 'no wrench' }],
  },
} satisfies Record<string, Plate>
