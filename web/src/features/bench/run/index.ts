export { default as AtHubs } from './AtHubs.svelte'
export { default as RunParts } from './RunParts.svelte'
export { default as RunPanel } from './RunPanel.svelte'
