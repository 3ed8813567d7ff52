export { default as LabelLinks } from './LabelLinks.svelte'
