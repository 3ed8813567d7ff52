export { default as TopBar } from './TopBar.svelte'
