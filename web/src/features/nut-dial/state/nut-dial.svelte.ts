import type { Schemas } from '$api/request'
import { Calculator } from './calculator.svelte'
import { isStepped, marksOf, withinOneSlot, type Lock } from './geometry'
import { number } from '$ui/number-field'

export type TorqueUnit = Schemas['TorqueEntry']['unit']
export type LengthUnit = Schemas['LengthEntry']['unit']

/** What the dial works on: a wheel end's nut, or one set up by hand. */
export interface Hub {
  thread: Schemas['ThreadForm']
  lock: Lock
  figures: Schemas['FigureForm'][]
  washerThicknessMillimetres?: number
  procedure: string
  sequence?: Schemas['SequenceView']
  /** What locking takes; only on two nuts. */
  locking?: Schemas['LockingView']
}

/** A number being typed, with its unit. */
export interface Typed<U> {
  text: string
  unit: U
}

/** The nut on the dial: where it stands, which stop is looked at, and what the server makes of it. */
export class NutDial {
  hub: Hub = $state.raw() as Hub
  /** Rotation of the nut from where a slot meets mark 1, positive looser. */
  nutDegrees = $state(0)
  /** Mark the typed angle refers to, from 1. */
  mark = $state(1)
  slotText = $state('0')
  endPlayHere = $state<Typed<LengthUnit>>({ text: '', unit: 'MILLIMETRE' })
  finalTorque = $state<Typed<TorqueUnit>>({ text: '', unit: 'POUND_FORCE_INCH' })
  /** The stop looked at; without one, the one that is advised. */
  private picked = $state<number | null>(null)
  /** Back-off on a lock that holds anywhere; without one, what is advised. */
  private freeDegrees = $state<number | null>(null)
  backedOff = $state(false)
  /** Whether the drawn nut was made to stand as the real one does; until then no advice is worth giving. */
  private touched = $state(false)

  readonly calculator = new Calculator()
  readonly stepped = $derived(isStepped(this.hub.lock))
  readonly matched = $derived(this.touched || !this.stepped)
  readonly stops = $derived(this.matched ? (this.calculator.answer?.stops ?? []) : [])
  readonly advised = $derived.by(() => {
    const at = this.calculator.answer?.advice.stop?.backOffDegrees
    return this.stops.findIndex((stop) => stop.backOffDegrees === at)
  })
  readonly chosen = $derived(this.stops[this.picked ?? this.advised] ?? null)
  readonly freeBackOff = $derived(
    this.freeDegrees ?? this.calculator.answer?.chosen?.backOffDegrees ?? 0,
  )
  /** Where the nut goes: the chosen stop, or any angle on a free lock. */
  readonly target = $derived(
    this.stepped ? (this.chosen?.backOffDegrees ?? null) : this.freeBackOff,
  )
  readonly slotError = $derived(number(this.slotText) === null ? 'A plain number, such as 17' : '')
  readonly endPlayError = $derived(
    this.endPlayHere.text.trim() !== '' && number(this.endPlayHere.text) === null
      ? 'A plain number, such as 0.08'
      : '',
  )

  constructor(hub: Hub) {
    this.hub = hub
    this.ask()
  }

  /** Another thread, lock or procedure; the nut keeps standing as near as the lock lets it. */
  setUp(hub: Hub): void {
    this.hub = hub
    this.mark = 1
    this.stand(this.nutDegrees)
  }

  /** Turns the nut to match what is seen on the spindle; on a free lock turns the back-off. */
  turnBy(degrees: number): void {
    if (this.backedOff) return
    if (this.stepped) this.turnTo(this.nutDegrees + degrees)
    else {
      this.freeDegrees = Math.max(0, Math.round((this.freeBackOff + degrees) * 10) / 10)
      this.ask()
    }
  }

  turnTo(degrees: number): void {
    this.touched = true
    this.stand(degrees)
  }

  private stand(degrees: number): void {
    this.nutDegrees = Math.round(withinOneSlot(degrees, this.hub.lock) * 10) / 10
    this.writeSlot()
    this.changed()
  }

  typeSlot(text: string): void {
    this.slotText = text
    const looser = number(text)
    if (looser === null || Math.abs(looser) > 360) return
    this.touched = true
    this.nutDegrees = withinOneSlot(
      (marksOf(this.hub.lock)[this.mark - 1] ?? 0) - looser,
      this.hub.lock,
    )
    this.changed()
  }

  lookAt(mark: number): void {
    this.mark = mark
    this.writeSlot()
  }

  pick(index: number): void {
    if (!this.backedOff && index >= 0 && index < this.stops.length) this.picked = index
  }

  /** To the next stop looser (1) or tighter (−1). */
  step(by: 1 | -1): void {
    this.pick((this.picked ?? this.advised) + by)
  }

  /** Something the answer depends on was typed. */
  changed(): void {
    this.picked = null
    this.ask()
  }

  reading(): Schemas['ReadingForm'] {
    const endPlay = number(this.endPlayHere.text)
    return {
      mark: 1,
      looserDegrees: this.stepped ? -Math.round(this.nutDegrees * 1000) / 1000 || 0 : 0,
      ...(endPlay === null ? {} : { endPlay: { number: endPlay, unit: this.endPlayHere.unit } }),
    }
  }

  torque(): Schemas['TorqueEntry'] | null {
    const torque = number(this.finalTorque.text)
    return torque === null ? null : { number: torque, unit: this.finalTorque.unit }
  }

  ask(): void {
    const torque = this.torque()
    const { washerThicknessMillimetres } = this.hub
    const takes = this.hub.locking?.takes?.millimetres
    this.calculator.ask({
      thread: this.hub.thread,
      lock: this.hub.lock,
      figures: this.hub.figures,
      procedure: this.hub.procedure,
      reading: this.reading(),
      ...(washerThicknessMillimetres === undefined ? {} : { washerThicknessMillimetres }),
      ...(this.freeDegrees === null ? {} : { backOffDegrees: this.freeDegrees }),
      ...(torque ? { finalTorque: torque } : {}),
      ...(takes === undefined ? {} : { lockingTakesUp: { number: takes, unit: 'MILLIMETRE' } }),
    })
  }

  private writeSlot(): void {
    const mark = marksOf(this.hub.lock)[this.mark - 1] ?? 0
    this.slotText = String(
      Math.round(withinOneSlot(mark - this.nutDegrees, this.hub.lock) * 10) / 10 || 0,
    )
  }
}
