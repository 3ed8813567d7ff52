import { records } from '$features/records'
import { ProblemError, type Problem, type Schemas } from '$api/request'

export type Show = 'ALL' | 'DUE'

/** The yard as far as it has been fetched, worst rigs first. */
export class Yard {
  view = $state.raw<Schemas['YardView'] | null>(null)
  problem = $state.raw<Problem | null>(null)
  show = $state<Show>('ALL')
  /** Only this owner's rigs; empty for everybody's. */
  owner = $state('')
  fetchingMore = $state(false)

  /** Where the worst rig is gone on with: its open job, or its first wheel end. */
  readonly worstHref = $derived.by(() => {
    const worst = this.view?.next[0]
    const ends = worst ? this.endsOf(worst) : []
    const job = ends.find((end) => end.openJobId)?.openJobId
    return job ? `/bench/${job}` : ends[0] ? `/wheel-ends/${ends[0].id}` : null
  })
  /** Where a job on the worst rig begins. */
  readonly worstJobHref = $derived(
    this.view?.next[0] ? `/rigs/${this.view.next[0].rigId}/job` : null,
  )
  readonly filtered = $derived(this.show !== 'ALL' || this.owner !== '')

  async load(): Promise<void> {
    await this.fetch(async () => {
      this.view = await records.yard(this.query())
      if (!this.view.isWhole) setTimeout(() => void this.load(), 3000)
    })
  }

  /** The next page, behind what is there. */
  async loadMore(): Promise<void> {
    const { view } = this
    if (!view?.more || this.fetchingMore) return
    this.fetchingMore = true
    await this.fetch(async () => {
      const page = await records.yard({ ...this.query(), more: view.more ?? '' })
      this.view = {
        ...page,
        rigs: [...view.rigs, ...page.rigs],
        next: [...view.next, ...page.next],
      }
    })
    this.fetchingMore = false
  }

  async filter(show: Show, owner: string): Promise<void> {
    this.show = show
    this.owner = owner
    await this.load()
  }

  wheelsOf(rigId: string): number {
    return this.standingsOf(rigId).length
  }

  /** How the wheel ends stand that something is to be done at. */
  endsOf(item: Schemas['NextView']): Schemas['StandingView'][] {
    return this.standingsOf(item.rigId).filter((end) => item.wheelEndIds.includes(end.id))
  }

  private standingsOf(rigId: string): Schemas['StandingView'][] {
    const rig = this.view?.rigs.find((r) => r.id === rigId)
    return rig?.axles.flatMap((axle) => axle.wheelEnds) ?? []
  }

  private query(): { show: Show; owner?: string } {
    return { show: this.show, ...(this.owner === '' ? {} : { owner: this.owner }) }
  }

  private async fetch(act: () => Promise<void>): Promise<void> {
    try {
      await act()
      this.problem = null
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
    }
  }
}
