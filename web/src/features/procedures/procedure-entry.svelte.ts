import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

type Form = Schemas['ProcedureForm']
type Step = Schemas['StepForm']
export type Kind = Step['kind']
export type Unit = Schemas['TorqueRangeForm']['unit']

/** A step of a procedure as it is typed. */
export interface TypedStep {
  kind: Kind
  says: string
  least: string
  most: string
  unit: Unit
  turn: string
  hub: Step['hub']
  hubTurns: string
  lookOutFor: string
}

const EMPTY: TypedStep = {
  kind: 'SEAT',
  says: '',
  least: '',
  most: '',
  unit: 'NEWTON_METRE',
  turn: '',
  hub: 'TURN_BOTH_WAYS',
  hubTurns: '',
  lookOutFor: '',
}

/** Usual motion of the hub at each kind of step. */
const USUAL: Record<Kind, Step['hub']> = {
  SEAT: 'TURN_BOTH_WAYS',
  RELEASE: 'HOLD_STILL',
  FINAL: 'TURN_AND_FEEL',
  BACK_OFF_TO_STOP: 'HOLD_STILL',
  LOCK_AND_CHECK: 'TURN_AND_FEEL',
}

/** A procedure being written, or copied from a manual; nothing is lost while the server refuses it. */
export class ProcedureEntry extends Attempt {
  label = $state('')
  source = $state('')
  usedOn = $state('')
  endsWith = $state('')
  steps = $state<TypedStep[]>([])

  private constructor(
    readonly id: string,
    readonly version: number,
  ) {
    super()
  }

  /** A blank one: the five kinds of step every procedure shares. */
  static blank(): ProcedureEntry {
    const entry = new ProcedureEntry(crypto.randomUUID(), 0)
    entry.steps = (Object.keys(USUAL) as Kind[]).map((kind) => ({
      ...EMPTY,
      kind,
      hub: USUAL[kind],
    }))
    return entry
  }

  /** A copy of another to begin with, under a name of its own. */
  static copy(of: Schemas['ProcedureView']): ProcedureEntry {
    const entry = new ProcedureEntry(crypto.randomUUID(), 0)
    entry.fill({
      ...of,
      label: '',
      steps: of.steps.map((step) => ({
        ...step,
        torque: step.torque && {
          least: round(step.torque.least.newtonMetres),
          most: round(step.torque.most.newtonMetres),
          unit: 'NEWTON_METRE',
          orMore: step.torque.orMore,
        },
      })),
    } as Form)
    return entry
  }

  static change(own: Schemas['OwnProcedureView']): ProcedureEntry {
    const entry = new ProcedureEntry(own.procedure.id, own.version)
    entry.fill(own.written)
    return entry
  }

  add(after: number): void {
    const kind = this.steps[after]?.kind ?? 'SEAT'
    this.steps = this.steps.toSpliced(after + 1, 0, { ...EMPTY, kind, hub: USUAL[kind] })
  }

  remove(index: number): void {
    this.steps = this.steps.toSpliced(index, 1)
  }

  save(): Promise<boolean> {
    return this.run(() => api.putProcedure(this.id, this.version, this.form()))
  }

  private fill(form: Form): void {
    this.label = form.label
    this.source = form.source
    this.usedOn = form.usedOn ?? ''
    this.endsWith = form.endsWith ?? ''
    this.steps = form.steps.map((step) => ({
      kind: step.kind,
      says: step.says,
      least: step.torque ? String(step.torque.least) : '',
      most: step.torque ? String(step.torque.most) : '',
      unit: step.torque?.unit ?? 'NEWTON_METRE',
      turn: step.turnDegrees === undefined ? '' : String(step.turnDegrees),
      hub: step.hub,
      hubTurns: step.hubTurns ? String(step.hubTurns) : '',
      lookOutFor: step.lookOutFor ?? '',
    }))
  }

  private form(): Form {
    return {
      label: this.label,
      source: this.source,
      usedOn: this.usedOn,
      endsWith: this.endsWith,
      // a step nobody wrote anything into is none
      steps: this.steps
        .filter((step) => step.says.trim() !== '')
        .map((step) => {
          const least = number(step.least)
          const most = number(step.most)
          const turn = number(step.turn)
          const hubTurns = number(step.hubTurns)
          return {
            kind: step.kind,
            says: step.says,
            hub: step.hub,
            lookOutFor: step.lookOutFor,
            ...(least === null ? {} : { torque: { least, most: most ?? least, unit: step.unit } }),
            ...(turn === null ? {} : { turnDegrees: turn }),
            ...(hubTurns === null ? {} : { hubTurns }),
          }
        }),
    }
  }
}

const round = (torque: number): number => Number(torque.toPrecision(3))
