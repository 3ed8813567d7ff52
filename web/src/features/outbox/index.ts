export { outbox, type Known } from './outbox.svelte'
export type { Body, JobKind, Kind, Waiting } from './senders'
export { default as OutboxStrip } from './OutboxStrip.svelte'
