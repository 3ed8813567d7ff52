export { default as KeyCap } from './KeyCap.svelte'
