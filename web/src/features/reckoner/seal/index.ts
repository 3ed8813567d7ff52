export { default as SealCard } from './SealCard.svelte'
export { default as SealPage } from './SealPage.svelte'
