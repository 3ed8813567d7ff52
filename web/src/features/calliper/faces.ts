import { annulus, box, disc, path, type Shape } from '$features/plates'
import { type Drawing } from './drawing'

/** On what is seen from its face. */
export const faces = {
  studs: {
    alt: 'A hub’s face with five studs: two neighbours are measured from middle to middle.',
    shapes: [
      { d: disc(160, 102, 94), as: 'body' },
      { d: annulus(160, 102, 34, 24), as: 'body' },
      ...[-90, -18, 54, 126, 198].map((degrees): Shape => {
        const turn = (degrees * Math.PI) / 180
        return { d: disc(160 + 72 * Math.cos(turn), 102 + 72 * Math.sin(turn), 8), as: 'brass' }
      }),
    ],
    sizes: [
      { key: 'distance', from: [160, 30], to: [228, 80], says: 'middle to middle', at: [180, 22] },
    ],
  },
  drag: {
    alt: 'A hub’s face: the middle of a stud, from the middle of the hub. The scale hooks to the stud.',
    shapes: [
      { d: disc(120, 100, 90), as: 'body' },
      { d: annulus(120, 100, 30, 20), as: 'body' },
      { d: disc(184, 100, 8), as: 'brass' },
      { d: 'M184 86V36', as: 'arrow' },
      { d: box(176, 4, 16, 30), as: 'tool' },
    ],
    sizes: [{ key: 'radius', from: [120, 100], to: [184, 100], says: 'radius', at: [128, 94] }],
  },
  wheel: {
    alt: 'A loaded wheel on the road: from the middle of the hub to the ground.',
    shapes: [
      { d: annulus(160, 96, 88, 52), as: 'rubber' },
      { d: annulus(160, 96, 52, 14), as: 'body' },
      { d: path([20, 184], [300, 184]), as: 'line' },
    ],
    sizes: [{ key: 'radius', from: [160, 96], to: [160, 184], says: 'radius', at: [170, 140] }],
  },
} satisfies Record<string, Drawing>
