export { default as FigureForm } from './FigureForm.svelte'
export { default as FigureLadder } from './FigureLadder.svelte'
export { FigureDraft } from './figure-entry.svelte'
export { kindWords, valueWords } from './words'
