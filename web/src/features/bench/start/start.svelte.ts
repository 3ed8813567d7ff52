import { SvelteMap } from 'svelte/reactivity'
import { records } from '$features/records'
import type { Schemas } from '$api/request'
import { Attempt } from '$api/attempt.svelte'
import { api } from './api'
import { sheetAddress, type Handed } from './handed'
import type { Scope } from './scopes'

type End = Schemas['StandingView']
type Choices = Schemas['ChoicesForm']

/** A job that is about to begin: on which wheel ends of a rig, how far it goes and how. */
export class JobStart {
  readonly attempt = new Attempt()
  rigName = $state('')
  scope = $state<Scope>('REPACK')
  ends = $state.raw<readonly End[]>([])
  chosen = $state.raw<readonly string[]>([])
  days = $state(2)
  costs = $state.raw<Schemas['JobCostsView'] | null>(null)
  plan = $state.raw<Schemas['PlanView'] | null>(null)
  /** As it was chosen here; what is left out goes as the workshop usually does it. */
  choices = $state.raw<Choices>({})
  private rigId = ''
  /** Made once: a start tried twice is one job. */
  private readonly rigJobId = crypto.randomUUID()
  private readonly jobIds = new SvelteMap<string, string>()

  /** The wheel ends that are chosen, in the rig's order; those with a job of their own go on with it. */
  readonly picked: readonly End[] = $derived(
    this.ends.filter((end) => this.chosen.includes(end.id) && !end.openJobId),
  )

  /** Which wheel ends can be chosen together, by what they are called. */
  readonly groups: { words: string; ids: string[] }[] = $derived.by(() => {
    const free = this.ends.filter((end) => !end.openJobId)
    const axles = free
      .map((end) => end.axle)
      .filter((axle, i, all) => axle !== '' && all.indexOf(axle) === i)
    const all = { words: 'the whole rig', ids: free.map((end) => end.id) }
    const pairs = axles.map((axle) => ({
      words: `${axle} axle`,
      ids: free.filter((end) => end.axle === axle).map((end) => end.id),
    }))
    return [all, ...pairs].filter((group) => group.ids.length > 1)
  })

  /** Reads the rig: all of its wheel ends are chosen, or the one that was come from. */
  async load(
    from: { rigId: string } | { wheelEndId: string },
    handed: Handed = { hubs: [], ways: [] },
  ): Promise<string | undefined> {
    let going: string | undefined
    await this.attempt.run(async () => {
      const here = 'wheelEndId' in from ? await records.wheelEnd(from.wheelEndId) : null
      this.rigId = here?.rigId ?? ('rigId' in from ? from.rigId : '')
      const [ends, rig, usual] = await Promise.all([
        records.standings(this.rigId),
        records.rig(this.rigId),
        handed.ways.length > 0 ? records.usualChoices() : [],
      ])
      this.ends = ends
      this.rigName = rig.rig.name
      this.chosen = here ? [here.id] : ends.map((end) => end.id)
      this.take(handed, usual)
      going =
        this.picked.length === 0 ? ends.find((end) => this.isAsked(end))?.openJobId : undefined
    })
    await this.choose(this.scope)
    return going
  }

  private isAsked(end: End): boolean {
    return this.chosen.includes(end.id) && end.openJobId !== undefined
  }

  async pick(ids: readonly string[]): Promise<void> {
    this.chosen = ids
    await this.choose(this.scope)
  }

  toggle(id: string): Promise<void> {
    return this.pick(
      this.chosen.includes(id) ? this.chosen.filter((one) => one !== id) : [...this.chosen, id],
    )
  }

  async choose(scope: Scope, how: Choices = {}): Promise<void> {
    this.scope = scope
    this.choices = { ...this.choices, ...how }
    if (this.picked.length === 0) {
      this.plan = null
      return
    }
    const wheelEndIds = this.picked.map((end) => end.id)
    await this.attempt.run(async () => {
      const asked = { scope, wheelEndIds, choices: this.choices }
      const plan = await api.rigJobPlan(this.rigId, asked)
      // an answer that was overtaken by a later choice
      if (this.scope === scope && wheelEndIds.join() === this.picked.map((end) => end.id).join())
        this.plan = plan
      await this.price()
    })
  }

  /** The plan on a sheet: to read, to print, or as the code that opens it elsewhere. */
  sheet(kind: 'html' | 'pdf' | 'svg'): string {
    return sheetAddress(this.rigId, kind, {
      scope: this.scope,
      hubs: this.picked.length < this.ends.length ? this.picked.map((end) => end.id) : [],
      ways: (this.plan?.choices ?? [])
        .filter((one) => one.name in this.choices)
        .map((one) => ({ kind: one.kind, value: one.now })),
    })
  }

  private take(handed: Handed, usual: readonly Schemas['ChoiceAskedView'][]): void {
    if (handed.scope) this.scope = handed.scope
    if (handed.hubs.length > 0)
      this.chosen = this.ends.map((end) => end.id).filter((id) => handed.hubs.includes(id))
    for (const { kind, value } of handed.ways) {
      const name = usual.find((one) => one.kind === kind)?.name
      if (name) this.choices = { ...this.choices, [name]: value }
    }
  }

  /** What it costs is reckoned for one hub. */
  private async price(): Promise<void> {
    const [only, ...others] = this.picked
    this.costs =
      only && others.length === 0
        ? await api.jobCosts(only.id, this.days, this.choices.hubBrings)
        : null
  }

  async wait(days: number): Promise<void> {
    if (!Number.isInteger(days)) return
    this.days = days
    await this.attempt.run(() => this.price())
  }

  /** Opens it; answers the job at the first hub. */
  async begin(): Promise<string | undefined> {
    let jobId: string | undefined
    await this.attempt.run(async () => {
      const { scope, choices } = this
      const job = await api.openRigJob(this.rigId, {
        id: this.rigJobId,
        scope,
        choices,
        hubs: this.picked.map((end) => ({ id: this.jobId(end.id), wheelEndId: end.id })),
      })
      jobId = job.id
    })
    return jobId
  }

  private jobId(wheelEndId: string): string {
    const id = this.jobIds.get(wheelEndId) ?? crypto.randomUUID()
    this.jobIds.set(wheelEndId, id)
    return id
  }
}
