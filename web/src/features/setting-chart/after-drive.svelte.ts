import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

type Form = Schemas['AfterDriveForm']

/** A hub felt, or measured, after a drive. */
export class AfterDrive extends Attempt {
  hub = $state('')
  other = $state('')
  kilometres = $state('20')
  /** End play measured after the drive; empty where nobody did. */
  play = $state('')
  braked = $state(false)
  brakeHotter = $state(false)
  spin = $state<Form['spin']>('NOT_TRIED')
  found = $state.raw<Schemas['AfterDriveView'] | null>(null)

  constructor(private readonly wheelEndId: string) {
    super()
  }

  /** The day's temperature and the unit are the chart's. */
  async ask(day: string, metric: boolean): Promise<void> {
    const unit = metric ? 'CELSIUS' : 'FAHRENHEIT'
    const hub = number(this.hub)
    const outside = number(day)
    const other = number(this.other)
    const kilometres = number(this.kilometres)
    const play = number(this.play)
    if (hub === null || outside === null || kilometres === null) {
      this.found = null
      return
    }
    const done = await this.run(async () => {
      this.found = await api.afterDrive(this.wheelEndId, {
        hub: { number: hub, unit },
        day: { number: outside, unit },
        ...(other === null ? {} : { otherSide: { number: other, unit } }),
        kilometres,
        braked: this.braked,
        spin: this.spin,
        brakeHotter: this.brakeHotter,
        ...(play === null
          ? {}
          : { playNow: { number: play, unit: metric ? 'MILLIMETRE' : 'THOUSANDTH_INCH' } }),
      })
    })
    if (!done) this.found = null
  }
}
