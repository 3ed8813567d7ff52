export { default as WheelEndPage } from './WheelEndPage.svelte'
