export { default as OwnProcedures } from './OwnProcedures.svelte'
