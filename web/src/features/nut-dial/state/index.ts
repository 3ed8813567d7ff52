export {
  angleOf,
  type Hand,
  type Lock,
  marksOf,
  point,
  polygon,
  R,
  ray,
  sector,
  slotCount,
} from './geometry'
export { NutDial } from './nut-dial.svelte'
export { lockPresets } from './presets'
export { shapeOf, type StopMark, stopMarks } from './stop-marks'
export { range, torqueUnits } from './torque-range'
export { lengthUnits, torqueChoices } from './unit-options'
export {
  authorityWords,
  because,
  move,
  nutTurn,
  partsOf,
  remedy,
  seated,
  turned,
  verdictWords,
  where,
} from './words'
