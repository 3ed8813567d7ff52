import type { Schemas } from '$api/request'

type Hub = Schemas['HubWarmthView']

export interface Axle {
  name: string
  hubs: Hub[]
}

/** Hubs of an axle beside each other, in the order the server has them: left before right, axles from the front. */
export function axles(hubs: Hub[]): Axle[] {
  const byName: Axle[] = []
  for (const hub of hubs) {
    const name = hub.name.replace(/\s*(left|right)$/, '')
    const known = byName.find((axle) => axle.name === name)
    if (known) known.hubs.push(hub)
    else byName.push({ name, hubs: [hub] })
  }
  return byName
}

/** Stops stand one beside the other, however long it was between them: a trip's come within hours, the next in months. */
export class StopScale {
  private readonly stops: number[]

  constructor(
    hubs: Hub[],
    readonly left: number,
    readonly width: number,
  ) {
    this.stops = [
      ...new Set(hubs.flatMap((hub) => hub.readings.map((one) => Date.parse(one.at)))),
    ].sort((a, b) => a - b)
  }

  get count(): number {
    return this.stops.length
  }

  x(at: string): number {
    const step = this.width / Math.max(1, this.stops.length)
    return this.left + (this.stops.indexOf(Date.parse(at)) + 0.5) * step
  }

  /** Days on which the first of its stops was made, and where that stands. */
  days(): { x: number; at: string }[] {
    const step = this.width / Math.max(1, this.stops.length)
    const days: { x: number; at: string }[] = []
    let last = ''
    this.stops.forEach((time, i) => {
      const at = new Date(time).toISOString()
      if (at.slice(0, 10) !== last) days.push({ x: this.left + (i + 0.5) * step, at })
      last = at.slice(0, 10)
    })
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
