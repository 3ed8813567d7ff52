export { default as AtHubs } from './AtHubs.svelte'
export { default as InHand } from './InHand.svelte'
export { default as RunPanel } from './RunPanel.svelte'
