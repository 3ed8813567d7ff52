export { default as PlateFigure } from './PlateFigure.svelte'
export { ownShape } from './own-shape'
export { default as PlateRow } from './PlateRow.svelte'
export { annulus, box, disc, looks, path, poly, type Shape } from './shapes'
