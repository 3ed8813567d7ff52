import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { remember, remembered } from '$features/display'

export type Plan = Schemas['TripPlanView']
export type Advice = Schemas['TripAdviceView']

/** A trip and what it asks. */
export class TripPlan {
  view = $state.raw<Plan | null>(null)
  readonly attempt = new Attempt()

  readonly before = $derived(this.by('BEFORE_LEAVING'))
  readonly onTheWay = $derived(this.by('ON_THE_WAY'))
  readonly onReturn = $derived(this.by('ON_RETURN'))
  readonly later = $derived(this.by('LATER'))
  readonly nextStop = $derived(this.view?.stops.find((stop) => !stop.done) ?? null)

  constructor(readonly id: string) {}

  async load(): Promise<void> {
    await this.attempt.run(async () => {
      this.view = await api.tripPlan(this.id)
    })
  }

  private by(when: Advice['when']): Advice[] {
    return this.view?.advice.filter((one) => one.when === when) ?? []
  }
}

/** What is in the box already; kept on this device, with whoever packs it. */
export class Packed {
  private readonly ticked: Record<string, boolean>

  constructor(private readonly tripId: string) {
    this.ticked = $state(
      Object.fromEntries(
        remembered(this.key)
          ?.split('\n')
          .map((name) => [name, true]) ?? [],
      ),
    )
  }

  has(name: string): boolean {
    return this.ticked[name] === true
  }

  count(names: string[]): number {
    return names.filter((name) => this.has(name)).length
  }

  set(name: string, packed: boolean): void {
    this.ticked[name] = packed
    const all = Object.keys(this.ticked).filter((one) => this.ticked[one])
    remember(this.key, all.join('\n'))
  }

  private get key(): string {
    return `oldtallow.packed.${this.tripId}`
  }
}
