export { default as ShelfPage } from './ShelfPage.svelte'
