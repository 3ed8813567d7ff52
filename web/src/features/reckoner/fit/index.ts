export { default as FitPage } from './FitPage.svelte'
