export { default as NumberField } from './NumberField.svelte'
export { number, noNumber } from './number'
