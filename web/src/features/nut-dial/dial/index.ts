export { default as FreeDialPage } from './FreeDialPage.svelte'
export { default as NutDialView } from './NutDialView.svelte'
