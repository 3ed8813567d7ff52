export { default as Tray } from './Tray.svelte'
export { default as TrayPart } from './TrayPart.svelte'
