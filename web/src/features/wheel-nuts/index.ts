export { default as WheelNutsCard } from './WheelNutsCard.svelte'
export { default as WheelNutsPage } from './WheelNutsPage.svelte'
