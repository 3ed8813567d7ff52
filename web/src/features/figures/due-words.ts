import type { Schemas } from '$api/request'

type Action = Schemas['DueView']['action']
type Trigger = NonNullable<Schemas['DueRuleForm']['trigger']>

/** What falls due, in a word for the strip and as a choice. */
export const actions: Record<Action, { short: string; label: string }> = {
  RETORQUE: { short: 'nuts', label: 're-torque the wheel nuts' },
  REPACK: { short: 'repack', label: 'repack and set' },
  RENEW: { short: 'renew', label: 'renew the bearings' },
  ADJUST: { short: 'play', label: 'measure the play again' },
  INSPECT: { short: 'look', label: 'spin, rock and look' },
  TOP_UP: { short: 'cap', label: 'top up the spring-loaded cap' },
}

/** What makes it due, and what its number counts. */
export const triggers: Record<Trigger, { label: string; unit: string }> = {
  MONTHS: { label: 'months', unit: 'months' },
  KILOMETRES: { label: 'kilometres', unit: 'km' },
  DUNKINGS: { label: 'dunkings', unit: 'times' },
  CROSSINGS: { label: 'water crossings', unit: 'times' },
  TRIPS: { label: 'trips', unit: 'trips' },
  SEASON_END: { label: 'a day of the year', unit: 'month and day, 1031 for 31 October' },
  FIRST_RUN: { label: 'first run of new bearings', unit: 'km' },
  AFTER_WHEEL_OFF: { label: 'after the wheel was off', unit: 'km' },
}

export const actionOptions = (Object.keys(actions) as Action[]).map((value) => ({
  value,
  label: actions[value].label,
}))

export const triggerOptions = (Object.keys(triggers) as Trigger[]).map((value) => ({
  value,
  label: triggers[value].label,
}))

/** What can be written down as done by hand. */
export const services: { value: Schemas['ServiceForm']['kind']; label: string }[] = [
  { value: 'RETORQUE', label: 'wheel nuts re-torqued' },
  { value: 'INSPECT', label: 'spun, rocked, looked at' },
  { value: 'ADJUST', label: 'play measured again' },
  { value: 'TOP_UP', label: 'spring-loaded cap topped up' },
  { value: 'REPACK', label: 'repacked and set' },
  { value: 'RENEW', label: 'bearings renewed' },
  { value: 'WHEEL_OFF', label: 'wheel was off and is on again' },
]
