export { default as Section } from './Section.svelte'
export { default as PartInPlace } from './PartInPlace.svelte'
export { default as SizeList } from './SizeList.svelte'
export {
  frameOf,
  hatches,
  hatchFor,
  type PartName,
  type PartStatus,
  pathOf,
  type SectionView,
} from './drawing'
export { savePng, saveSvg } from './save'
