export { default as Trail } from './Trail.svelte'
export { default as WorkshopPage } from './WorkshopPage.svelte'
