import { api } from './api'
import { records } from '$features/records'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { display } from '$features/display'
import { number } from '$ui/number-field'
import { lengthOf, temperatureOf, type Degree, type Unit } from '$features/reckoner/shared'

type Form = Schemas['GreaseForm']

/** A wheel end and a grease. */
export class Grease extends Attempt {
  reference = $state.raw<Schemas['GreaseReferenceView'] | null>(null)
  constructions = $state.raw<Schemas['ConstructionsView'] | null>(null)
  code = $state.raw<Schemas['GreaseCodeView'] | null>(null)
  found = $state.raw<Schemas['GreaseView'] | null>(null)
  /** The workshop's own guns. */
  guns = $state.raw<Schemas['WorkshopToolView'][]>([])
  /** What the records say is in the wheel end. */
  inIt = $state.raw<Schemas['GreaseFillView'] | null>(null)
  construction = $state<Form['construction']>('STEPPED_BRAKED')
  dunked = $state(false)
  heavy = $state(false)
  coldest = $state(display.leading === 'metric' ? '-10' : '14')
  degree = $state<Degree>(display.leading === 'metric' ? 'CELSIUS' : 'FAHRENHEIT')
  tin = $state('')
  thickener = $state<Form['thickener']>('LITHIUM_COMPLEX')
  old = $state<Form['old']>('UNKNOWN')
  fill = $state<Form['fill']>('FULL')
  capFilled = $state(false)
  stroke = $state('')
  at40 = $state('')
  at100 = $state('')
  hub = $state(display.leading === 'metric' ? '60' : '140')
  speed = $state('90')
  radius = $state('330')
  radiusUnit = $state<Unit>('MILLIMETRE')

  /** @param wheelEndId the wheel end it is for; empty for a construction as it usually comes */
  constructor(private readonly wheelEndId: string) {
    super()
  }

  async load(): Promise<void> {
    await this.run(async () => {
      ;[this.reference, this.constructions] = await Promise.all([
        records.greaseReference(),
        records.constructions(),
      ])
      this.guns = (await records.tools()).filter((tool) => tool.kind === 'GREASE_GUN')
      this.stroke = String(this.guns[0]?.stroke ?? this.reference.usualStroke)
      if (this.wheelEndId !== '') await this.take()
    })
    if (!this.problem) await this.ask()
  }

  /** Begins with what is on record of the wheel end. */
  private async take(): Promise<void> {
    const [greasings, aids] = await Promise.all([
      records.greasings(this.wheelEndId),
      records.aids(this.wheelEndId),
    ])
    this.inIt = greasings[0] ?? null
    if (this.inIt) this.old = this.inIt.thickener
    if (!aids.grease) return
    this.dunked = aids.grease.dunked
    this.heavy = aids.grease.heavy
    this.fill = aids.grease.fill
  }

  async ask(): Promise<void> {
    const coldest = temperatureOf(this.coldest, this.degree)
    const rollingRadius = lengthOf(this.radius, this.radiusUnit)
    if (!coldest || !rollingRadius) return
    const at40 = number(this.at40)
    const at100 = number(this.at100)
    const hub = temperatureOf(this.hub, this.degree)
    const done = await this.run(async () => {
      const [found, code] = await Promise.all([
        api.grease({
          construction: this.construction,
          dunked: this.dunked,
          heavy: this.heavy,
          coldest,
          code: this.tin,
          thickener: this.thickener,
          old: this.old,
          fill: this.fill,
          capFilled: this.capFilled,
          stroke: number(this.stroke) ?? 0,
          kilometresPerHour: number(this.speed) ?? 0,
          rollingRadius,
          ...(this.wheelEndId === '' ? {} : { wheelEndId: this.wheelEndId }),
          ...(at40 !== null && at100 !== null && hub ? { at40, at100, hub } : {}),
        }),
        this.tin.trim() === '' ? Promise.resolve(null) : api.greaseCode(this.tin),
      ])
      this.found = found
      this.code = code
    })
    if (!done) this.code = null
  }
}
