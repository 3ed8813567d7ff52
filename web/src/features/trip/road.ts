import { date } from '$features/display'
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

export interface RoadLabel {
  x: number
  /** From 0: the first row in which there is room. */
  row: number
  name: string
  details: string
}

const NAME_WIDTH = 8
const DETAIL_WIDTH = 6.8
const GAP = 12

/** What stands under the road at each leg, in rows so that nothing lies over another; x in the drawing's own units. */
export function labels(legs: RoadLeg[], x: (km: number) => number, right: number): RoadLabel[] {
  const ends: number[] = []
  return legs.map(({ from, leg }, i) => {
    const name = `${i + 1}  ${leg.to}`
    const details = `${date(leg.on)}, ${km(leg.km)}${leg.noHelp ? ', no help' : ''}`
    const width = Math.max(name.length * NAME_WIDTH, details.length * DETAIL_WIDTH)
    const at = Math.max(0, Math.min(x(from) + 3, right - width))
    const free = ends.findIndex((end) => end <= at)
    const row = free < 0 ? ends.length : free
    ends[row] = at + width + GAP
    return { x: at, row, name, details }
  })
}

export interface LegStops {
  where: string
  on: string
  stops: Plan['stops']
}

/** Stops by the leg they are on. */
export function byLeg(stops: Plan['stops']): LegStops[] {
  const legs: LegStops[] = []
  for (const stop of stops) {
    const last = legs.at(-1)
    if (last?.where === stop.where) last.stops.push(stop)
    else legs.push({ where: stop.where, on: stop.on, stops: [stop] })
  }
  return legs
}

/** A number of kilometres as it is said. */
export const km = (value: number): string => `${Math.round(value).toLocaleString('en-GB')} km`
