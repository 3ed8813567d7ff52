export { palette } from './palette.svelte'
export { default as PaletteBox } from './PaletteBox.svelte'
