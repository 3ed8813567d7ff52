export { default as FitPage } from './FitPage.svelte'
export { default as GreasePage } from './GreasePage.svelte'
export { default as RacePage } from './RacePage.svelte'
export { default as ReckonerPage } from './ReckonerPage.svelte'
