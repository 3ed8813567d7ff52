export { default as WithSizes } from './WithSizes.svelte'
export { drawings, type DrawingId } from './drawings'
