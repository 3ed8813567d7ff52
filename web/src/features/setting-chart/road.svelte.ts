import { Questions } from '$api/questions'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { number } from '$ui/number-field'

/** How a wheel end is used, and what each setting then does to it. */
export class Road extends Attempt {
  metric = $state(display.leading === 'metric')
  load = $state(display.leading === 'metric' ? '800' : '1750')
  radius = $state(display.leading === 'metric' ? '330' : '13')
  speed = $state('90')
  outside = $state(display.leading === 'metric' ? '20' : '68')
  chart = $state.raw<Schemas['SettingChartView'] | null>(null)
  private readonly questions = new Questions()

  constructor(private readonly wheelEndId: string) {
    super()
  }

  async ask(): Promise<void> {
    const form = this.form()
    if (!form) return
    const isLast = this.questions.ask()
    await this.run(async () => {
      const chart = await api.settingChart(this.wheelEndId, form)
      if (isLast()) this.chart = chart
    })
  }

  /** As it is sent; null where one is no number yet. */
  private form(): Schemas['RoadForm'] | null {
    const load = number(this.load)
    const radius = number(this.radius)
    const speed = number(this.speed)
    const outside = number(this.outside)
    if (load === null || radius === null || speed === null || outside === null) return null
    return {
      wheelLoad: { number: load, unit: this.metric ? 'KILOGRAM' : 'POUND' },
      rollingRadius: { number: radius, unit: this.metric ? 'MILLIMETRE' : 'INCH' },
      kilometresPerHour: speed,
      outside: { number: outside, unit: this.metric ? 'CELSIUS' : 'FAHRENHEIT' },
    }
  }
}
