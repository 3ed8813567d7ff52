import { box, disc, path, poly, type Plate } from './shapes'

/** A hub's bore cut open, its shoulder at the bottom. */
const bore = 'M50 60h50v90h26v30h-76ZM220 60h50v120h-76v-30h26Z'
const bottom = path([10, 180], [310, 180])

/** Cups in. */
export const races = {
  START_SQUARE: {
    title: 'Start it square, by hand',
    alt: 'A cup lies flush and level on the mouth of its bore, thick edge down towards the shoulder, a film of oil outside.',
    shapes: [
      { d: bore, as: 'cut' },
      {
        d:
          poly([100, 40], [114, 40], [126, 84], [100, 84]) +
          poly([220, 40], [206, 40], [194, 84], [220, 84]),
        as: 'ring',
      },
      { d: path([100, 62], [220, 62]), as: 'ghost' },
      { d: 'M160 6v28', as: 'arrow', slides: [0, 5] },
      { d: bottom, as: 'line' },
    ],
    words: [
      { at: [110, 108], says: 'thick edge first' },
      { at: [12, 40], says: 'level' },
    ],
  },
  HIGH_SIDE: {
    title: 'It cocks: tap the high side',
    alt: 'A cup has gone in crooked. The side that stands high is tapped down; the tight side is left alone. It goes tight: out and anew.',
    shapes: [
      { d: bore, as: 'cut' },
      {
        d:
          poly([100, 72], [114, 66], [132, 108], [100, 122]) +
          poly([220, 26], [206, 32], [196, 78], [220, 70]),
        as: 'ring',
      },
      { d: 'M204 0h20v20h-20Z', as: 'tool' },
      { d: 'M244 4v36', as: 'arrow', slides: [0, 6] },
      { d: 'M96 34l14 14M110 34l-14 14', as: 'mark' },
      { d: bottom, as: 'line' },
    ],
    words: [{ at: [258, 26], says: 'here' }],
  },
  DRIVER_EDGE: {
    title: 'Driver on the edge, never on the race',
    alt: 'A race driver rests on the thin edge of the cup that looks out. The raceway between is not touched.',
    shapes: [
      { d: bore, as: 'cut' },
      {
        d:
          poly([100, 86], [112, 86], [126, 150], [100, 150]) +
          poly([220, 86], [208, 86], [194, 150], [220, 150]),
        as: 'ring',
      },
      { d: 'M102 70h116v16h-10l-2 -6h-92l-2 6h-10Z', as: 'tool' },
      { d: 'M150 20h20v50h-20Z', as: 'tool' },
      { d: 'M186 22v36', as: 'arrow', slides: [0, 6] },
      { d: path([120, 100], [130, 140]), as: 'mark' },
      { d: bottom, as: 'line' },
    ],
    words: [
      { at: [138, 128], says: 'not here' },
      { at: [14, 92], says: 'edge' },
    ],
  },
  OLD_AS_DRIVER: {
    title: 'The old cup as a driver',
    alt: 'The old cup, ground smaller outside so that it does not stick, upside down on the new one: thin edge on thin edge.',
    shapes: [
      { d: bore, as: 'cut' },
      {
        d:
          poly([100, 96], [112, 96], [126, 150], [100, 150]) +
          poly([220, 96], [208, 96], [194, 150], [220, 150]),
        as: 'ring',
      },
      {
        d:
          poly([104, 44], [128, 44], [113, 94], [104, 94]) +
          poly([216, 44], [192, 44], [207, 94], [216, 94]),
        as: 'brass',
      },
      { d: 'M96 28h128v14h-128Z', as: 'tool' },
      { d: 'M160 2v20', as: 'arrow', slides: [0, 5] },
      { d: bottom, as: 'line' },
    ],
    words: [
      { at: [136, 74], says: 'old' },
      { at: [136, 130], says: 'new' },
    ],
  },
  FEELER: {
    title: 'Home: no gap at four points',
    alt: 'A feeler is tried between cup and shoulder at twelve, three, six and nine: it goes in nowhere.',
    shapes: [
      { d: disc(160, 100, 74), as: 'cut' },
      { d: disc(160, 100, 54), as: 'ring' },
      { d: disc(160, 100, 38), as: 'body' },
      { d: 'M154 4h12v48h-12Z', as: 'tool', slides: [0, 4] },
      { d: box(208, 96, 62, 8) + box(50, 96, 62, 8) + box(156, 148, 8, 48), as: 'ghost' },
    ],
    words: [
      { at: [172, 18], says: '12' },
      { at: [250, 88], says: '3' },
      { at: [172, 193], says: '6' },
      { at: [62, 88], says: '9' },
    ],
  },
  WARM_HUB: {
    title: 'Hub warm, cup cold: it drops in',
    alt: 'A warmed hub and a frozen cup: the cup drops in square and is held down until it grips.',
    shapes: [
      { d: bore, as: 'cut' },
      {
        d:
          poly([104, 50], [116, 50], [128, 100], [104, 100]) +
          poly([216, 50], [204, 50], [192, 100], [216, 100]),
        as: 'ring',
      },
      { d: 'M160 16v50', as: 'arrow', slides: [0, 10] },
      { d: 'M26 150c-8 -14 8 -20 0 -36M294 150c-8 -14 8 -20 0 -36', as: 'mark' },
      { d: bottom, as: 'line' },
    ],
    words: [
      { at: [126, 140], says: 'hub 100 °C' },
      { at: [178, 44], says: 'frozen' },
    ],
  },
} satisfies Record<string, Plate>
