export { default as AboutPage } from './AboutPage.svelte'
