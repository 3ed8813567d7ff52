export { default as PlayAid } from './PlayAid.svelte'
export { default as SequenceAid } from './SequenceAid.svelte'
export { default as TorqueDoubt } from './TorqueDoubt.svelte'
export { isSequence } from './sequence.svelte'
