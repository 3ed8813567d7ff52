export * from './format'
export * from './storage'
export * from './units.svelte'
export { default as BothUnits } from './BothUnits.svelte'
