export { default as InstrumentWall } from './InstrumentWall.svelte'
export { default as LiveStrip } from './LiveStrip.svelte'
export { instruments, type ReadingKind } from './instruments.svelte'
