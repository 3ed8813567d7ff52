export { default as BuildFields } from './BuildFields.svelte'
export { BuildEntry } from './build-entry.svelte'
export { brakes, caps, cavities, lockWords, said, seals, washers } from './words'
