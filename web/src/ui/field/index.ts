export { default as Field } from './Field.svelte'
