export { default as HubBar } from './HubBar.svelte'
export { default as RoundPlan } from './RoundPlan.svelte'
