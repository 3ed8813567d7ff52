export { default as OutboxStrip } from './OutboxStrip.svelte'
export { type Known, outbox } from './outbox.svelte'
export type { Body, JobKind, Kind, Waiting } from './senders'
