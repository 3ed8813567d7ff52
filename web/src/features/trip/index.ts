export { default as StopPage } from './StopPage.svelte'
export { default as TripPage } from './TripPage.svelte'
