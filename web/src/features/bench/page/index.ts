export { default as BenchPage } from './BenchPage.svelte'
