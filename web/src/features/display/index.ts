export * from './format'
export * from './units.svelte'
export { default as BothUnits } from './BothUnits.svelte'
