import { poly } from '$features/plates'
import { axis, both, out, type Drawing } from './drawing'

/** On the hub and what closes it. */
export const hub = {
  fit: {
    alt: 'A hub cut through at one cup: its outside, its bore and the outside of the cup are measured across.',
    shapes: [
      {
        d: both((y) =>
          poly([70, y(84)], [206, y(84)], [206, y(56)], [104, y(56)], [104, y(40)], [70, y(40)]),
        ),
        as: 'cut',
      },
      {
        d: both((y) => poly([104, y(56)], [156, y(56)], [156, y(46)], [104, y(38)])),
        as: 'ring',
      },
      axis,
      out(
        [
          [206, 16],
          [270, 16],
        ],
        [
          [206, 184],
          [270, 184],
        ],
      ),
    ],
    sizes: [
      { key: 'cup', from: [134, 44], to: [134, 156], says: 'cup', at: [140, 84] },
      { key: 'bore', from: [186, 44], to: [186, 156], says: 'bore', at: [192, 84] },
      { key: 'hubOutside', from: [264, 16], to: [264, 184], says: 'hub', at: [270, 84] },
    ],
  },
  seal: {
    alt: 'A seal between spindle and hub, cut through: the land it runs on, the bore it is pressed into, and its width.',
    shapes: [
      { d: both((y) => poly([96, y(88)], [228, y(88)], [228, y(72)], [96, y(72)])), as: 'cut' },
      { d: poly([40, 68], [252, 68], [252, 132], [40, 132]), as: 'cut' },
      {
        d: both((y) =>
          poly([186, y(72)], [150, y(72)], [150, y(66)], [178, y(66)], [178, y(44)], [186, y(44)]),
        ),
        as: 'body',
      },
      {
        d: both((y) => poly([186, y(44)], [178, y(44)], [158, y(32)], [170, y(32)])),
        as: 'rubber',
      },
      axis,
      out(
        [
          [150, 172],
          [150, 196],
        ],
        [
          [186, 172],
          [186, 196],
        ],
        [
          [252, 68],
          [284, 68],
        ],
        [
          [252, 132],
          [284, 132],
        ],
      ),
    ],
    sizes: [
      { key: 'width', from: [150, 194], to: [186, 194], says: 'width', at: [194, 198] },
      { key: 'bore', from: [118, 28], to: [118, 172], says: 'bore', at: [72, 60] },
      { key: 'land', from: [278, 68], to: [278, 132], says: 'land', at: [260, 62] },
    ],
  },
  groove: {
    alt: 'The land cut through: how deep its groove is, and how much sound land lies beside it.',
    shapes: [
      {
        d: poly(
          [16, 110],
          [120, 110],
          [128, 136],
          [156, 136],
          [164, 110],
          [290, 110],
          [290, 190],
          [16, 190],
        ),
        as: 'cut',
      },
      { d: poly([290, 50], [310, 50], [310, 190], [290, 190]), as: 'cut' },
      out(
        [
          [120, 110],
          [172, 110],
        ],
        [
          [164, 110],
          [164, 62],
        ],
        [
          [290, 50],
          [290, 66],
        ],
      ),
    ],
    sizes: [
      { key: 'depth', from: [142, 110], to: [142, 136], says: 'depth', at: [88, 100] },
      { key: 'room', from: [164, 72], to: [290, 72], says: 'room beside it', at: [182, 62] },
    ],
  },
  cap: {
    alt: 'A cap before the mouth of its hub, cut through: the bore of the hub, and the outside of the cap’s rim.',
    shapes: [
      { d: both((y) => poly([200, y(80)], [296, y(80)], [296, y(50)], [200, y(50)])), as: 'cut' },
      {
        d: poly(
          [30, 72],
          [110, 50],
          [170, 50],
          [170, 57],
          [112, 57],
          [38, 78],
          [38, 122],
          [112, 143],
          [170, 143],
          [170, 150],
          [110, 150],
          [30, 128],
        ),
        as: 'body',
      },
      axis,
    ],
    sizes: [
      { key: 'cap', from: [144, 50], to: [144, 150], says: 'cap', at: [106, 94] },
      { key: 'capBore', from: [244, 50], to: [244, 150], says: 'bore', at: [250, 94] },
    ],
  },
} satisfies Record<string, Drawing>
