export { default as ProveAid } from './ProveAid.svelte'
export { default as StepAid } from './StepAid.svelte'
export { Aids } from './aids.svelte'
