export { default as PlayFound } from './PlayFound.svelte'
export { default as PlayReadings } from './PlayReadings.svelte'
export { decisionMarks } from './decision-marks'
export { Play } from './play.svelte'
