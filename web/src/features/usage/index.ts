export { default as ComingTrips } from './ComingTrips.svelte'
export { default as UsageCard } from './UsageCard.svelte'
