export { default as Wide } from './Wide.svelte'
