export { default as RacePage } from './RacePage.svelte'
export { default as SeatedFace } from './SeatedFace.svelte'
