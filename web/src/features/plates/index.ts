export { default as PlateFigure } from './PlateFigure.svelte'
export { default as PlateRow } from './PlateRow.svelte'
