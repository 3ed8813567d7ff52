export { default as YardPage } from './YardPage.svelte'
