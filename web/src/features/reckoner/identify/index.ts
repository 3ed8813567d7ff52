export { default as ReckonerPage } from './ReckonerPage.svelte'
