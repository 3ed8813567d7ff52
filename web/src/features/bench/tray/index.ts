export { default as Tray } from './Tray.svelte'
