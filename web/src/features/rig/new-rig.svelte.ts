import { Questions } from '$api/questions'
import { records } from '$features/records'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { rings } from '$features/bearing'
import { BuildEntry } from '$features/build'
import type { SectionView } from '$features/section'
import { RigEntry } from './rig-entry.svelte'
import { kinds, type Kind } from './words'

type ConstructionView = Schemas['ConstructionView']

/** A rig being entered: itself, how many axles, and the hub they all have. */
export class NewRig extends Attempt {
  readonly rig = new RigEntry()
  axles = $state(1)
  inboard = $state('')
  outboard = $state('')
  build = $state.raw<BuildEntry | null>(null)
  reference = $state.raw<Schemas['NutReferenceView'] | null>(null)
  constructions = $state.raw<Schemas['ConstructionsView'] | null>(null)
  /** The hub as it would be drawn. */
  preview = $state.raw<SectionView | null>(null)
  /** One rig, however often the save is tried. */
  private readonly id = crypto.randomUUID()
  private readonly questions = new Questions()

  readonly construction = $derived(
    this.constructions?.constructions.find((one) => one.id === this.build?.form.construction) ??
      null,
  )

  async load(): Promise<void> {
    await this.run(async () => {
      ;[this.reference, this.constructions] = await Promise.all([
        records.reference(),
        records.constructions(),
      ])
      this.setKind(this.rig.kind)
    })
  }

  /** A kind brings its usual axles and construction. */
  setKind(kind: Kind): void {
    this.rig.kind = kind
    const usual = kinds.find((one) => one.value === kind)
    if (!usual) return
    this.axles = usual.axles
    this.setConstruction(usual.construction)
  }

  setConstruction(id: ConstructionView['id']): void {
    const chosen = this.constructions?.constructions.find((one) => one.id === id)
    if (!chosen) return
    if (this.build) this.build.start(chosen.preset)
    else this.build = new BuildEntry(chosen.preset)
    this.inboard = written(chosen.inboard)
    this.outboard = written(chosen.outboard)
    void this.draw()
  }

  async draw(): Promise<void> {
    const { build } = this
    if (!build) return
    const isLast = this.questions.ask()
    const inboard = rings(this.inboard)
    const outboard = rings(this.outboard)
    try {
      const drawn = await api.sectionOf({
        build: build.toForm(),
        ...(inboard ? { inboard } : {}),
        ...(outboard ? { outboard } : {}),
      })
      if (isLast()) this.preview = drawn
    } catch {
      // what cannot be drawn yet is told when it is saved
      if (isLast()) this.preview = null
    }
  }

  /** The new rig's id, or null where something was wrong. */
  async save(): Promise<string | null> {
    const { build } = this
    if (!build) return null
    const bearings: Schemas['BearingRingsForm'][] = []
    const inboard = rings(this.inboard)
    const outboard = rings(this.outboard)
    if (inboard) bearings.push({ place: 'INBOARD', ...inboard })
    if (outboard) bearings.push({ place: 'OUTBOARD', ...outboard })
    const axle = { left: { build: build.toForm(), bearings } }
    const saved = await this.run(() =>
      api.enterRig({
        id: this.id,
        rig: this.rig.toForm(),
        axles: Array.from({ length: this.axles }, () => axle),
      }),
    )
    return saved ? this.id : null
  }
}

const written = (set: { cone: string; cup: string }): string =>
  set.cone === set.cup ? set.cone : `${set.cone}/${set.cup}`
