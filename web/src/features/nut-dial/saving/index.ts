export { default as WheelEndDialPage } from './WheelEndDialPage.svelte'
