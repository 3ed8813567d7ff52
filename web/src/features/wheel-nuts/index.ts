export { default as WheelNutsPage } from './WheelNutsPage.svelte'
export { default as WheelNutsCard } from './WheelNutsCard.svelte'
