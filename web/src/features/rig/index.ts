export { default as NewRigPage } from './NewRigPage.svelte'
export { default as RigPage } from './RigPage.svelte'
