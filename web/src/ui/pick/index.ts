export { default as Pick } from './Pick.svelte'
