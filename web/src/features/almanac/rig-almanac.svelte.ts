import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'

type Almanac = Schemas['AlmanacView']

/** The almanac of one rig, and the same as it would be. */
export class RigAlmanac {
  view = $state.raw<Almanac | null>(null)
  /** As it would be; null while nothing is tried. */
  other = $state.raw<Almanac | null>(null)
  readonly attempt = new Attempt()

  /** What presses most of all its wheel ends. */
  readonly first = $derived.by(() => {
    const all = (this.view?.wheelEnds ?? []).flatMap((end) =>
      end.dues.slice(0, 1).map((due) => ({ position: end.position, due })),
    )
    return all.sort((a, b) => a.due.likely.localeCompare(b.due.likely))[0] ?? null
  })

  constructor(readonly id: string) {}

  async load(): Promise<void> {
    await this.attempt.run(async () => {
      this.view = await api.rigAlmanac(this.id)
    })
  }

  async tryOut(form: Schemas['WhatIfForm']): Promise<boolean> {
    return this.attempt.run(async () => {
      this.other = await api.whatIf(this.id, form)
    })
  }

  asItIs(): void {
    this.other = null
  }

  async done(form: Schemas['ServiceForm']): Promise<boolean> {
    return this.attempt.run(async () => {
      this.view = await api.serviceDone(this.id, form)
    })
  }
}
