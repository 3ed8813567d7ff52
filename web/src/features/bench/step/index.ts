export { default as StepPanel } from './StepPanel.svelte'
export { default as StepPhotos } from './StepPhotos.svelte'
