export { default as Mark } from './Mark.svelte'
export type { MarkShape } from './shapes'
