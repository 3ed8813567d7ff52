export { default as Button } from './Button.svelte'
