import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Warmth } from './stop-draft.svelte'

/** Hub temperatures of one rig. */
export class WarmthLog {
  view = $state.raw<Warmth | null>(null)
  readonly attempt = new Attempt()

  constructor(readonly rigId: string) {}

  async load(): Promise<void> {
    await this.attempt.run(async () => {
      this.view = await api.warmth(this.rigId)
    })
  }

  async takeBack(stopId: string): Promise<void> {
    await this.attempt.run(async () => {
      this.view = await api.removeWarmth(this.rigId, stopId)
    })
  }
}
