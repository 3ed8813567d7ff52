export { default as RemindersPage } from './RemindersPage.svelte'
