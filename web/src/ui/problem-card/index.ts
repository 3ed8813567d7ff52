export { default as ProblemCard } from './ProblemCard.svelte'
