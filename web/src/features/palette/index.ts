export { default as PaletteBox } from './PaletteBox.svelte'
export { palette } from './palette.svelte'
