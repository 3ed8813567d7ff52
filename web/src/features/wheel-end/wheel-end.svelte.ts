import { rememberHub } from '$features/display'
import { records } from '$features/records'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import { ProblemError, type Problem, type Schemas } from '$api/request'
import type { PartName, PartStatus } from '$features/section'
import { statusOf } from './fitted'

/** A wheel end and everything known of it, as last fetched. */
export class WheelEnd {
  view = $state.raw<Schemas['WheelEndView'] | null>(null)
  section = $state.raw<Schemas['SectionView'] | null>(null)
  parts = $state.raw<Schemas['PartView'][]>([])
  builds = $state.raw<Schemas['BuildForm'][]>([])
  settings = $state.raw<Schemas['NutSettingView'][]>([])
  /** All wheel ends of the same rig, this one too. */
  siblings = $state.raw<Schemas['StandingView'][]>([])
  problem = $state.raw<Problem | null>(null)
  /** The part looked at in the section. */
  picked = $state<PartName | null>(null)
  /** What it is made of. */
  readonly change = new Attempt()
  /** What is fitted. */
  readonly fitting = new Attempt()
  readonly copying = new Attempt()

  readonly last = $derived(this.settings[0] ?? null)
  readonly standing = $derived(this.siblings.find((sibling) => sibling.id === this.id) ?? null)
  readonly status: Partial<Record<PartName, PartStatus>> = $derived.by(() =>
    statusOf(this.parts, this.today),
  )

  constructor(
    readonly id: string,
    private readonly today: Date,
  ) {}

  async load(): Promise<void> {
    try {
      const view = await records.wheelEnd(this.id)
      const [settings, section, parts, builds, siblings] = await Promise.all([
        api.settings(this.id),
        records.section(this.id),
        api.parts(this.id),
        api.builds(this.id),
        records.standings(view.rigId),
      ])
      this.view = view
      rememberHub({ id: this.id, words: `${view.rigName}, ${view.position}` })
      this.settings = settings
      this.section = section
      this.parts = parts
      this.builds = builds
      this.siblings = siblings
      this.problem = null
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
    }
  }

  /** Dates a new build. True when it was saved; the entry is to be kept otherwise. */
  async rebuild(build: Schemas['BuildForm']): Promise<boolean> {
    const { view } = this
    if (!view) return false
    const saved = await this.change.run(() =>
      api.rebuild(this.id, { version: view.version, build }),
    )
    if (saved) await this.load()
    return saved
  }

  async fit(part: Schemas['PartForm']): Promise<boolean> {
    const saved = await this.fitting.run(async () => {
      this.parts = await api.fit(this.id, part)
      this.section = await records.section(this.id)
    })
    return saved
  }

  /** The part is the same one, and was written down wrongly. */
  async correct(part: Schemas['PartForm']): Promise<boolean> {
    return this.fitting.run(async () => {
      this.parts = await api.correctPart(this.id, part)
      this.section = await records.section(this.id)
    })
  }

  async takeOff(place: Schemas['PartForm']['place']): Promise<boolean> {
    return this.fitting.run(async () => {
      this.parts = await api.takeOff(this.id, place)
      this.section = await records.section(this.id)
    })
  }

  copyTo(to: 'OTHER_SIDE' | 'ALL_AXLES'): Promise<boolean> {
    return this.copying.run(() => api.copyTo(this.id, to))
  }

  /** A mechanic answers for an apprentice's setting. */
  async signOff(settingId: string): Promise<void> {
    try {
      const signed = await api.signOff(this.id, settingId)
      this.settings = this.settings.map((setting) => (setting.id === settingId ? signed : setting))
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
    }
  }
}
