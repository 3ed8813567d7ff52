export { default as WorkshopPage } from './WorkshopPage.svelte'
export { default as Trail } from './Trail.svelte'
