import type { Plan } from './trip-plan.svelte'

export interface RoadLeg {
  from: number
  to: number
  leg: Plan['legs'][number]
}

/** The legs of a trip laid end to end, km from where it began; a trip without legs is one. */
export function road(plan: Plan): RoadLeg[] {
  const whole = {
    to: plan.name,
    on: plan.from,
    km: plan.km,
    crossings: 0,
    dunkings: 0,
    noHelp: false,
  }
  let at = 0
  return (plan.legs.length > 0 ? plan.legs : [whole]).map((leg) => {
    const from = at
    at += leg.km
    return { from, to: at, leg }
  })
}

/** A number of kilometres as it is said. */
export const km = (value: number): string => `${Math.round(value).toLocaleString('en-GB')} km`
