import type { Schemas } from '$api/request'
import { scalePoint } from '$ui/chart'

type Hub = Schemas['HubWarmthView']

export interface Axle {
  name: string
  hubs: Hub[]
}

/** Hubs of an axle beside each other, in the order the server has them: left before right, axles from the front. */
export function axles(hubs: Hub[]): Axle[] {
  const byName: Axle[] = []
  for (const hub of hubs) {
    const known = byName.find((axle) => axle.name === hub.axle)
    if (known) known.hubs.push(hub)
    else byName.push({ name: hub.axle, hubs: [hub] })
  }
  return byName
}

/** Stops stand one beside the other, however long it was between them: a trip's come within hours, the next in months. */
export class StopScale {
  private readonly scale

  constructor(hubs: Hub[], left: number, width: number) {
    const times = hubs.flatMap((hub) => hub.readings.map((one) => Date.parse(one.at)))
    this.scale = scalePoint(
      times.sort((a, b) => a - b),
      [left, left + width],
    ).padding(0.5)
  }

  get count(): number {
    return this.scale.domain().length
  }

  x(at: string): number {
    return this.scale(Date.parse(at)) ?? 0
  }

  /** Days on which the first of its stops was made, and where that stands. */
  days(): { x: number; at: string }[] {
    const days: { x: number; at: string }[] = []
    let last = ''
    for (const time of this.scale.domain()) {
      const at = new Date(time).toISOString()
      if (at.slice(0, 10) !== last) days.push({ x: this.x(at), at })
      last = at.slice(0, 10)
    }
    return days
  }
}

/** °C of a chart, so that 20 to 100 are always on it. */
export function span(hubs: Hub[]): { least: number; most: number } {
  const all = hubs.flatMap((hub) => hub.readings.map((one) => one.about))
  return {
    least: Math.min(10, ...all.map((t) => t - 5)),
    most: Math.max(100, ...all.map((t) => t + 5)),
  }
}
