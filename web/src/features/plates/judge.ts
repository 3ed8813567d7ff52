import { box, disc, mitten, path, poly, type Plate, type Shape } from './shapes'

/** A cup seen into, its raceway a band from left to right, and a roller lying under it. */
const race: readonly Shape[] = [
  { d: 'M20 40c80 -26 200 -26 280 0v76c-80 -26 -200 -26 -280 0Z', as: 'body' },
  { d: 'M20 40c80 -26 200 -26 280 0M20 116c80 -26 200 -26 280 0', as: 'line' },
  { d: poly([160, 140], [288, 132], [288, 184], [160, 176]), as: 'body' },
]
const spots = (points: readonly (readonly [number, number, number])[]): string =>
  points.map(([x, y, r]) => disc(x, y, r)).join('')

/** What damage looks like on cup and roller. */
export const judge = {
  FINGERNAIL: {
    title: 'A fingernail across the race',
    alt: 'A fingernail is drawn across the raceway of a cup: where it catches, the part is done with; a grey path without feel is normal.',
    shapes: [
      ...race.slice(0, 2),
      { d: 'M20 66c80 -26 200 -26 280 0v22c-80 -26 -200 -26 -280 0Z', as: 'thin' },
      { d: mitten(196, 96), as: 'hand' },
      { d: 'M150 100l38 6', as: 'arrow', slides: [-14, 0] },
    ],
    words: [{ at: [24, 160], says: 'it catches: done with' }],
  },
  PITTING: {
    title: 'Pitting: fine holes in the path',
    alt: 'Many small dark holes along the path of the rollers, on cup and roller.',
    shapes: [
      ...race,
      {
        d: spots([
          [60, 66, 2.4],
          [84, 74, 3],
          [108, 60, 2],
          [130, 72, 3.4],
          [152, 62, 2.4],
          [178, 74, 3],
          [204, 62, 2.2],
          [230, 76, 2.8],
          [256, 68, 2],
        ]),
        as: 'bad',
      },
      {
        d: spots([
          [184, 152, 2.4],
          [210, 164, 3],
          [236, 148, 2.2],
          [264, 160, 3],
        ]),
        as: 'bad',
      },
    ],
    words: [{ at: [24, 160], says: 'renew' }],
  },
  SPALLING: {
    title: 'Spalling: flakes broken out',
    alt: 'Ragged flakes are broken out of the raceway, with sharp edges the nail falls into.',
    shapes: [
      ...race,
      { d: 'M118 54l26 -8l30 4l14 14l-10 14l-34 4l-20 -10Z', as: 'bad' },
      { d: 'M214 150l20 -6l12 8l-6 10l-22 0Z', as: 'bad' },
    ],
    words: [{ at: [24, 160], says: 'renew' }],
  },
  SCORING: {
    title: 'Scoring: drawn lines',
    alt: 'Long lines torn along the running direction, on the roller ends and the rib most of all.',
    shapes: [
      ...race,
      {
        d: 'M40 62c70 -18 150 -20 230 -4M52 72c70 -18 150 -18 212 -4M36 86c80 -22 170 -22 250 -2',
        as: 'mark',
      },
      { d: 'M282 136v44M274 136v43', as: 'mark' },
    ],
    words: [{ at: [24, 160], says: 'ran dry: renew' }],
  },
  BRINELLING: {
    title: 'Dents at the rollers’ spacing',
    alt: 'Shallow dents across the raceway, as far apart as the rollers: from a blow, a hole in the road, or standing and shaking.',
    shapes: [
      ...race,
      {
        d: [52, 100, 148, 196, 244]
          .map(
            (x) => `M${x} ${56 - Math.abs(148 - x) * -0.06}c-5 14 -5 26 0 40h8c5 -14 5 -26 0 -40Z`,
          )
          .join(''),
        as: 'bad',
      },
    ],
    words: [{ at: [24, 160], says: 'a nail feels each' }],
  },
  HEAT: {
    title: 'Heat: straw, brown, blue',
    alt: 'Bands of heat colour along the raceway and on the roller: straw can pass, blue has gone soft.',
    shapes: [
      ...race,
      { d: 'M20 58c80 -26 200 -26 280 0v16c-80 -26 -200 -26 -280 0Z', as: 'brass' },
      { d: 'M20 76c80 -26 200 -26 280 0v18c-80 -26 -200 -26 -280 0Z', as: 'grease' },
      { d: poly([160, 150], [288, 144], [288, 168], [160, 164]), as: 'grease' },
    ],
    words: [{ at: [24, 160], says: 'blue: renew' }],
  },
  WATER: {
    title: 'Water: rust where the rollers stood',
    alt: 'Rust marks across the raceway as far apart as the rollers, where water lay while it stood.',
    shapes: [
      ...race,
      { d: [56, 104, 152, 200, 248].map((x) => box(x, 44, 5, 54)).join(''), as: 'bad' },
      {
        d: spots([
          [70, 82, 2],
          [122, 58, 2],
          [168, 86, 2.4],
          [220, 60, 2],
        ]),
        as: 'bad',
      },
      { d: 'M120 130c8 10 12 16 12 22a12 12 0 0 1 -24 0c0 -6 4 -12 12 -22Z', as: 'grease' },
    ],
    words: [{ at: [24, 160], says: 'renew' }],
  },
  GOOD: {
    title: 'Good: an even grey path',
    alt: 'An even dull path along the raceway without anything to feel; the roller shines evenly.',
    shapes: [
      ...race,
      { d: 'M20 62c80 -26 200 -26 280 0v28c-80 -26 -200 -26 -280 0Z', as: 'thin' },
      { d: path([70, 150], [84, 166], [116, 130]), as: 'good' },
    ],
  },
} satisfies Record<string, Plate>
