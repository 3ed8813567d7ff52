import { arc, box, corners, disc, mitten, path, type Plate } from './shapes'

/** Setting the nut, by each procedure. */
export const set = {
  SEAT_TURNING: {
    title: 'Seat it, the hub turning both ways',
    alt: 'The nut is tightened with a wrench while the hub is turned to and fro by the other hand, so that the rollers find their place.',
    shapes: [
      { d: disc(130, 100, 84), as: 'body' },
      { d: disc(130, 100, 44), as: 'cut' },
      { d: corners(130, 100, 26, 6), as: 'tool' },
      { d: 'M128 90L286 70l4 14L134 110Z', as: 'tool' },
      { d: 'M296 90v44', as: 'arrow', slides: [0, 6] },
      { d: arc(130, 100, 70, 130, 230), as: 'arrow' },
      { d: arc(130, 100, 62, 230, 130), as: 'arrow' },
    ],
    words: [{ at: [212, 180], says: 'hub: both ways' }],
  },
  RELEASE: {
    title: 'Release, the hub held still',
    alt: 'The nut is turned back loose while the hub is held still, so that nothing follows it.',
    shapes: [
      { d: disc(130, 100, 84), as: 'body' },
      { d: disc(130, 100, 44), as: 'cut' },
      { d: corners(130, 100, 26, 6), as: 'tool' },
      { d: arc(130, 100, 36, -20, -130), as: 'arrow' },
      { d: mitten(206, 106), as: 'hand' },
    ],
    words: [{ at: [240, 52], says: 'still' }],
  },
  HALF_TURN: {
    title: 'Torque, half a turn back, torque',
    alt: 'Three moves of the nut: pulled to a high torque, half a turn back, pulled to a small torque.',
    shapes: [
      ...[60, 160, 260].map((x) => ({ d: corners(x, 100, 34, 6), as: 'tool' as const })),
      { d: arc(60, 100, 48, -150, -30), as: 'arrow' },
      { d: arc(160, 100, 48, 0, -180), as: 'arrow' },
      { d: arc(260, 100, 48, -100, -50), as: 'arrow' },
      { d: path([96, 164], [124, 164]), as: 'thin' },
      { d: path([196, 164], [224, 164]), as: 'thin' },
    ],
    words: [
      { at: [34, 168], says: '1 high' },
      { at: [136, 168], says: '2 half' },
      { at: [236, 168], says: '3 small' },
    ],
  },
  LOCK_AND_FREE: {
    title: 'Lock it, then free it until it just turns',
    alt: 'By hand tools at the roadside: the nut is tightened until the hub drags hard, then freed until it just turns without play.',
    shapes: [
      { d: corners(90, 100, 44, 6), as: 'tool' },
      { d: corners(230, 100, 44, 6), as: 'tool' },
      { d: arc(90, 100, 60, -150, -30), as: 'arrow' },
      { d: arc(230, 100, 60, -40, -100), as: 'arrow' },
      { d: path([146, 100], [174, 100]), as: 'thin' },
    ],
    words: [
      { at: [54, 176], says: 'hub drags' },
      { at: [190, 176], says: 'just turns' },
    ],
  },
  SPACER: {
    title: 'A spacer sets it: full torque, going up',
    alt: 'Cone, spacer, cone: the nut squeezes them to its full torque; the play is in the spacer. Another spacer would seize or rock.',
    shapes: [
      { d: box(20, 110, 280, 34), as: 'cut' },
      { d: box(70, 70, 40, 40) + box(196, 70, 40, 40), as: 'ring' },
      { d: box(112, 88, 82, 22), as: 'brass' },
      { d: box(240, 64, 26, 46), as: 'tool' },
      { d: 'M300 86h-26', as: 'arrow', slides: [-4, 0] },
    ],
    words: [
      { at: [96, 58], says: 'this pair’s own' },
      { at: [234, 40], says: 'torque' },
    ],
  },
} satisfies Record<string, Plate>
