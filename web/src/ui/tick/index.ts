export { default as Tick } from './Tick.svelte'
