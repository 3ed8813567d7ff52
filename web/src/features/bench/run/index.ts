export { default as RunPanel } from './RunPanel.svelte'
