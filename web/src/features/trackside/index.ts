export { default as LineStrip } from './LineStrip.svelte'
export { default as TakeAlong } from './TakeAlong.svelte'
export { default as TracksidePage } from './TracksidePage.svelte'
