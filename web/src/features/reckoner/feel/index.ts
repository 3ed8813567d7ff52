export { default as FeelPage } from './FeelPage.svelte'
