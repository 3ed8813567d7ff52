import { Questions } from '$api/questions'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { number } from '$ui/number-field'

/** The setting chart of a pair of bearings, no wheel end behind it. */
export class FreeChart extends Attempt {
  readonly metric = display.leading === 'metric'
  inboard = $state('L68149/L68111')
  outboard = $state('L44649/L44610')
  backFaces = $state(display.leading === 'metric' ? '50' : '1.97')
  load = $state(display.leading === 'metric' ? '800' : '1750')
  radius = $state(display.leading === 'metric' ? '330' : '13')
  speed = $state('90')
  outside = $state(display.leading === 'metric' ? '20' : '68')
  chart = $state.raw<Schemas['FreeChartView'] | null>(null)
  private readonly questions = new Questions()

  async ask(): Promise<void> {
    const backFaces = number(this.backFaces)
    const load = number(this.load)
    const radius = number(this.radius)
    const speed = number(this.speed)
    const outside = number(this.outside)
    if (backFaces === null || load === null || radius === null) return
    if (speed === null || outside === null) return
    const length = this.metric ? 'MILLIMETRE' : 'INCH'
    const isLast = this.questions.ask()
    await this.run(async () => {
      const chart = await api.freeChart({
        inboard: this.inboard,
        outboard: this.outboard,
        backFaces: { number: backFaces, unit: length },
        road: {
          wheelLoad: { number: load, unit: this.metric ? 'KILOGRAM' : 'POUND' },
          rollingRadius: { number: radius, unit: length },
          kilometresPerHour: speed,
          outside: { number: outside, unit: this.metric ? 'CELSIUS' : 'FAHRENHEIT' },
        },
      })
      if (isLast()) this.chart = chart
    })
  }
}

/** Pulls of a spring scale at a stud. */
export class Drag extends Attempt {
  readonly metric = display.leading === 'metric'
  pulls = $state('')
  loose = $state('0')
  radius = $state(display.leading === 'metric' ? '57.15' : '2.25')
  found = $state.raw<Schemas['DragView'] | null>(null)

  /** Several pulls with spaces between. */
  async ask(): Promise<void> {
    const pulls = this.pulls
      .split(/[\s;]+/)
      .filter((word) => word !== '')
      .map(number)
    const loose = number(this.loose)
    const radius = number(this.radius)
    if (pulls.length === 0 || loose === null || radius === null) return
    if (!pulls.every((pull) => pull !== null)) return
    await this.run(async () => {
      this.found = await api.drag({
        pullsNewtons: pulls,
        looseNewtons: loose,
        radius: { number: radius, unit: this.metric ? 'MILLIMETRE' : 'INCH' },
      })
    })
  }
}
