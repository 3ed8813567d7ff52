export { default as AlmanacPage } from './AlmanacPage.svelte'
export { default as RigAlmanacPage } from './RigAlmanacPage.svelte'
