export { default as Hatch } from './Hatch.svelte'
