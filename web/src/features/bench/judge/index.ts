export { default as Diagnosis } from './Diagnosis.svelte'
export { default as Judge } from './Judge.svelte'
export { default as SignChoice } from './SignChoice.svelte'
export { default as SoakedLinings } from './SoakedLinings.svelte'
