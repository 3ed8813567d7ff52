export { default as BenchPage } from './BenchPage.svelte'
export { default as JobsPage } from './JobsPage.svelte'
export { default as StartJob } from './StartJob.svelte'
export { scopes, type Scope } from './scopes'
