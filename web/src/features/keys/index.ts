export { default as KeysHelp } from './KeysHelp.svelte'
export { type KeyBinding, keys } from './keys.svelte'
