export { default as Absent } from './Absent.svelte'
export { default as CondemnForm } from './CondemnForm.svelte'
export { default as StepChoices } from './StepChoices.svelte'
export { default as StepActions } from './StepActions.svelte'
