export { api as jobApi } from './api'
export { Bench, type Item, type Move } from './bench.svelte'
export { JobLine } from './job-line.svelte'
export { type Readings, symbolOf } from './readings.svelte'
