export { outbox, type Known } from './outbox.svelte'
export type { Body, Kind, Waiting } from './senders'
export { default as OutboxStrip } from './OutboxStrip.svelte'
