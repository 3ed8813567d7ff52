export { default as JobsPage } from './JobsPage.svelte'
export { default as PastJobs } from './PastJobs.svelte'
export { default as StartJob } from './StartJob.svelte'
export { type Scope, scopes } from './scopes'
