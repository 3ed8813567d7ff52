export { keys, type KeyBinding } from './keys.svelte'
export { default as KeysHelp } from './KeysHelp.svelte'
