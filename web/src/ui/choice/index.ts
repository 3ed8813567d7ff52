export { default as Choice } from './Choice.svelte'
