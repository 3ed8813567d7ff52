import { poly } from '$features/plates'
import { axis, both, out, type Drawing } from './drawing'

/** On cups, cones and the spindle. */
export const rings = {
  driver: {
    alt: 'A cup in its bore under a driver, cut through: the outside of the driver or socket, of the old cup, and the bore.',
    shapes: [
      { d: 'M50 60h50v90h26v30h-76ZM220 60h50v120h-76v-30h26Z', as: 'cut' },
      {
        d:
          poly([100, 106], [112, 106], [126, 150], [100, 150]) +
          poly([220, 106], [208, 106], [194, 150], [220, 150]),
        as: 'ring',
      },
      { d: 'M106 44h108v62h-16v-40h-76v40h-16Z', as: 'tool' },
      { d: 'M150 10h20v34h-20Z', as: 'tool' },
      out(
        [
          [100, 150],
          [100, 196],
        ],
        [
          [220, 150],
          [220, 196],
        ],
      ),
    ],
    sizes: [
      { key: 'sockets', from: [106, 54], to: [214, 54], says: 'driver or socket', at: [182, 30] },
      { key: 'oldCup', from: [100, 128], to: [220, 128], says: 'cup', at: [146, 122] },
      { key: 'bore', from: [100, 192], to: [220, 192], says: 'bore', at: [228, 196] },
    ],
  },
  seat: {
    alt: 'The spindle with its seat for a cone, measured across where the cone sits.',
    shapes: [
      { d: poly([20, 82], [120, 82], [120, 118], [20, 118]), as: 'body' },
      { d: poly([120, 66], [220, 66], [220, 134], [120, 134]), as: 'body' },
      { d: poly([220, 44], [300, 44], [300, 156], [220, 156]), as: 'body' },
      {
        d: both((y) => poly([150, y(34)], [218, y(34)], [218, y(62)], [150, y(48)])),
        as: 'ghost',
      },
      axis,
    ],
    sizes: [{ key: 'seat', from: [134, 66], to: [134, 134], says: 'seat', at: [66, 66] }],
  },
  backFaces: {
    alt: 'Two cones on their spindle, wide ends outward: how far the wide ends are apart.',
    shapes: [
      { d: poly([20, 84], [300, 84], [300, 116], [20, 116]), as: 'cut' },
      { d: both((y) => poly([76, y(16)], [130, y(16)], [130, y(26)], [76, y(42)])), as: 'ring' },
      { d: both((y) => poly([196, y(16)], [250, y(16)], [250, y(42)], [196, y(26)])), as: 'ring' },
      {
        d: both(
          (y) =>
            poly([84, y(42)], [126, y(30)], [130, y(46)], [90, y(60)]) +
            poly([242, y(42)], [200, y(30)], [196, y(46)], [236, y(60)]),
        ),
        as: 'body',
      },
      out(
        [
          [76, 142],
          [76, 180],
        ],
        [
          [250, 142],
          [250, 180],
        ],
      ),
    ],
    sizes: [
      {
        key: 'backFaces',
        from: [76, 174],
        to: [250, 174],
        says: 'back faces apart',
        at: [106, 166],
      },
    ],
  },
  bearing: {
    alt: 'Cone and cup on their axis, cut through. Across: the bore and the outside. Along: the widths of each and of both together.',
    shapes: [
      { d: both((y) => poly([126, y(84)], [190, y(84)], [190, y(60)], [126, y(74)])), as: 'ring' },
      { d: both((y) => poly([120, y(70)], [172, y(60)], [176, y(40)], [124, y(52)])), as: 'body' },
      { d: both((y) => poly([110, y(30)], [182, y(30)], [182, y(38)], [110, y(54)])), as: 'ring' },
      axis,
      out(
        [
          [126, 16],
          [42, 16],
        ],
        [
          [126, 184],
          [42, 184],
        ],
        [
          [182, 70],
          [240, 70],
        ],
        [
          [182, 130],
          [240, 130],
        ],
        [
          [110, 154],
          [110, 196],
        ],
        [
          [190, 184],
          [190, 196],
        ],
      ),
    ],
    sizes: [
      { key: 'CUP_OUTSIDE', from: [48, 16], to: [48, 184], says: 'cup', at: [54, 60] },
      { key: 'CONE_BORE', from: [234, 70], to: [234, 130], says: 'bore', at: [240, 96] },
      { key: 'CUP_WIDTH', from: [126, 8], to: [190, 8], says: 'cup width', at: [198, 13] },
      { key: 'CONE_WIDTH', from: [110, 112], to: [182, 112], says: 'cone', at: [128, 106] },
      { key: 'SET_WIDTH', from: [110, 192], to: [190, 192], says: 'both', at: [198, 197] },
    ],
  },
} satisfies Record<string, Drawing>
