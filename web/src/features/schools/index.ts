export { default as OwnSchools } from './OwnSchools.svelte'
