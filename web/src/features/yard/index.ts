export { default as RigPlan } from './RigPlan.svelte'
export { default as YardPage } from './YardPage.svelte'
export { states } from './states'
