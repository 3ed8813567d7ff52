import type { Schemas } from '$api/request'
import { grease } from './grease'
import { judge } from './judge'
import { lock } from './lock'
import { open } from './open'
import { races } from './races'
import { set } from './set'
import type { Plate } from './shapes'
import { strip } from './strip'
import { wheel } from './wheel'

export type PlateId = Schemas['BenchStepView']['plates'][number]

/** Every how-to plate; drawn by this program, to no scale. Which one a step shows is the core's to say. */
export const plates: Record<PlateId, Plate> = {
  ...wheel,
  ...open,
  ...lock,
  ...strip,
  ...judge,
  ...races,
  ...grease,
  ...set,
}
