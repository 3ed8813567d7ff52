import type { Schemas } from '$api/client'

export type Item = Schemas['JudgingForm']['item']

/** What the one big button does now. */
export type Move =
  | { does: 'caution'; caution: Schemas['CautionView'] }
  | { does: 'check'; check: Schemas['CheckView'] }
  | { does: 'dial' }
  | { does: 'judge'; item: Item }
  | { does: 'finish'; step: Schemas['BenchStepView'] }
  | { does: 'goOn' }
  | { does: 'close' }
  | { does: 'signOff' }
  | { does: 'leave' }
  | { does: 'nothing' }
