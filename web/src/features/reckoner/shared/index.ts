export { default as Begins } from './Begins.svelte'
export { type Beginning, typedIn } from './beginning'
export { default as Answer } from './Answer.svelte'
export { default as OwnTools } from './OwnTools.svelte'
export { default as ReckonerTabs } from './ReckonerTabs.svelte'
export {
  type Degree,
  degreeUnits,
  howLong,
  lengthOf,
  soon,
  temperature,
  temperatureOf,
  type Unit,
  units,
} from './entries'
