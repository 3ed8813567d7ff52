export { default as GreasePage } from './GreasePage.svelte'
