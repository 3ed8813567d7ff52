import { records } from '$features/records'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import { toSend } from '$api/picture'
import { ProblemError, type Problem, type Schemas } from '$api/request'

/** A rig with how its wheel ends stand, as last fetched. */
export class Rig {
  view = $state.raw<Schemas['RigDetailView'] | null>(null)
  standings = $state.raw<Schemas['StandingView'][]>([])
  figures = $state.raw<Schemas['FiledFigureView'][]>([])
  /** Changes with every photo, so that the browser fetches it anew. */
  photoStamp = $state(0)
  problem = $state.raw<Problem | null>(null)
  readonly change = new Attempt()
  readonly photo = new Attempt()

  constructor(readonly id: string) {}

  async load(): Promise<void> {
    try {
      ;[this.view, this.standings, this.figures] = await Promise.all([
        records.rig(this.id),
        records.standings(this.id),
        api.figuresOfRig(this.id),
      ])
      this.problem = null
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
    }
  }

  save(rig: Schemas['RigForm'], version: number): Promise<boolean> {
    return this.change.run(async () => {
      this.view = await api.changeRig(this.id, { version, rig })
    })
  }

  /** What somebody else made of it meanwhile; the entry here stays. */
  async refresh(): Promise<void> {
    this.view = await records.rig(this.id)
  }

  putPhoto(file: Blob): Promise<boolean> {
    return this.photo.run(async () => {
      await api.putPhoto(this.id, await toSend(file))
      await this.refresh()
      this.photoStamp++
    })
  }

  removePhoto(): Promise<boolean> {
    return this.photo.run(async () => {
      await api.removePhoto(this.id)
      await this.refresh()
    })
  }

  /** As the yard draws it. */
  get plan(): Schemas['YardRigView'] | null {
    const { view } = this
    if (!view) return null
    const { rig } = view
    return {
      id: view.id,
      yardNumber: view.yardNumber,
      kind: rig.kind,
      name: rig.name,
      plate: rig.plate,
      ownerName: rig.ownerName ?? '',
      lengthMillimetres: rig.lengthMillimetres ?? 0,
      widthMillimetres: rig.widthMillimetres ?? 0,
      drawbarMillimetres: rig.drawbarMillimetres ?? 0,
      axles: view.axles.map((axle) => ({
        position: axle.position,
        fromFrontMillimetres: axle.fromFrontMillimetres,
        trackMillimetres: axle.trackMillimetres,
        wheelEnds: axle.wheelEnds.flatMap((end) => this.standings.filter((s) => s.id === end.id)),
      })),
    }
  }
}
