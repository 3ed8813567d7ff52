export { default as Section } from './Section.svelte'
export { default as SizeList } from './SizeList.svelte'
export { savePng, saveSvg } from './save'
export type { PartName, PartStatus, SectionView } from './drawing'
