import { records } from '$features/records'
import { ProblemError, type Problem, type Schemas } from '$api/request'
import { Attempt } from '$api/attempt.svelte'
import { toSend } from '$api/picture'
import { pace } from '$features/display'
import { outbox, type Body, type JobKind } from '$features/outbox'
import type { PartName, PartStatus } from '$features/section'
import { moveNow, type Item, type Move } from './move'
import { Readings } from './readings.svelte'
import { JobEntries } from './job-entries'
import { kindsOf, stepsOf } from './run'
import { Warned } from './warned.svelte'

type Job = Schemas['JobView']
type Step = Schemas['BenchStepView']
type Run = Schemas['RunView']
export type { Item, Move } from './move'

/** A job as this device sees it, and what was ticked here on the step to do now. */
export class Bench extends JobEntries {
  job = $state.raw<Job | null>(null)
  reference = $state.raw<Schemas['BenchReferenceView'] | null>(null)
  section = $state.raw<Schemas['SectionView'] | null>(null)
  /** The rig's other wheel ends; null until asked for. */
  otherEnds = $state.raw<readonly Schemas['StandingView'][] | null>(null)
  /** What governs on this hub, by kind; empty until it is looked up. */
  rungs = $state.raw<readonly Schemas['RungView'][]>([])
  problem = $state.raw<Problem | null>(null)
  picked = $state<PartName | null>(null)
  /** When the job was last seen as the server has it. */
  seenAt = $state(Date.now())
  readonly attempt = new Attempt()
  readonly readings = new Readings()
  private signsUnderWay = $state.raw<readonly Schemas['SignForm'][] | null>(null)
  private metCautions = $state.raw<readonly string[]>([])
  private metChecks = $state.raw<readonly string[]>([])
  /** Met here though the plan has no such check: a torque somebody stands by. */
  extraChecks = $state.raw<readonly string[]>([])
  /** The step that was ticked here; another one starts afresh. */
  private ticking = ''

  readonly step: Step | null = $derived(this.job?.walk.now ?? null)

  /** What the hands do now in one go; null where it goes step by step. */
  readonly run: Run | null = $derived(pace.byRuns ? (this.job?.walk.run ?? null) : null)

  /** What stands on the card with all it asks: the step to do, or what the run ends with. */
  readonly asking: Step | null = $derived(this.run?.steps.at(-1) ?? this.step)

  /** What is judged now; null at other steps. */
  readonly item: Item | null = $derived(this.asking?.judges ?? null)

  readonly judging = $derived(this.job?.judgings.find((one) => one.item === this.item) ?? null)

  /** Which spanners and sockets fit this hub; empty where nobody kept them. */
  readonly spanners = $derived.by(() => {
    const value = this.rungs.find((one) => one.kind === 'SPANNERS')?.figures[0]?.value
    return value?.form === 'WORDS' ? value.words : ''
  })

  readonly move: Move = $derived.by(() => moveNow(this, this.mayRelease()))

  readonly status: Partial<Record<PartName, PartStatus>> = $derived.by(() => {
    const off = Object.fromEntries(
      (this.job?.parts.offSection ?? []).map((name) => [name, 'absent']),
    )
    const hand = (this.job?.parts.tray ?? [])
      .filter((part) => part.inHand)
      .flatMap((part) => part.drawn.map((name) => [name, 'inHand'] as const))
    return { ...off, ...Object.fromEntries(hand) }
  })

  private readonly warned: Warned

  constructor(
    readonly id: string,
    private readonly mayRelease: () => boolean,
    person = '',
  ) {
    super()
    this.warned = new Warned(`${id} ${person}`)
  }

  /** Whether an entry of this device is not known to be saved. */
  get hasWaiting(): boolean {
    return outbox.of(this.id).length > 0
  }

  cautionMet(id: string): boolean {
    return this.metCautions.includes(id)
  }

  checkMet(check: Schemas['CheckView']): boolean {
    return check.met || check.waived || this.metChecks.includes(check.id)
  }

  /** On this job already, so that a line is enough. */
  warnedOf(id: string): boolean {
    return this.warned.has(id)
  }

  meetCaution(id: string): void {
    this.metCautions = [...this.metCautions, id]
    this.warned.add([id])
  }

  toggleCheck(id: string): void {
    this.metChecks = toggled(this.metChecks, id)
  }

  toggleExtra(id: string): void {
    this.extraChecks = toggled(this.extraChecks, id)
  }

  async load(): Promise<void> {
    try {
      const job = await records.job(this.id)
      this.section ??= await records.section(job.hub.wheelEndId)
      this.reference ??= await records.benchReference()
      this.show(job)
      this.problem = null
      if (this.rungs.length === 0) this.rungs = await records.ladder(job.hub.wheelEndId)
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      // what is on the bench stays in sight while the server is away
      if (!this.job) this.problem = error.problem
    }
  }

  /** Looked up when somebody asks for them. */
  async loadOtherEnds(): Promise<void> {
    const { job } = this
    if (!job) return
    await this.attempt.run(async () => {
      const ends = await records.standings(job.hub.rigId)
      this.otherEnds = ends.filter((end) => end.id !== job.hub.wheelEndId)
    })
  }

  /** Finishes the step. */
  async finish(): Promise<void> {
    const { step } = this
    if (!step || this.attempt.busy || this.hasWaiting) return
    const readings = this.readings.forms()
    if (readings === null) return
    const checksMet = [
      ...step.checks
        .filter((check) => !check.waived && this.checkMet(check))
        .map((check) => check.id),
      ...this.extraChecks,
    ]
    await this.enter('step', { stepId: step.id, checksMet, readings }, step.what)
  }

  /** Finishes all of a run; what must hold of it stands on the button that was pressed. */
  async finishRun(): Promise<void> {
    const { run } = this
    if (!run || this.attempt.busy || this.hasWaiting) return
    const readings = this.readings.forms()
    if (readings === null) return
    const steps = stepsOf(
      run,
      readings,
      (check) => !check.waived && (check.must || this.checkMet(check)),
    )
    steps.at(-1)?.checksMet.push(...this.extraChecks)
    const entered = await this.enter(
      'run',
      { steps },
      run.steps.map((step) => step.what).join(', '),
    )
    if (entered) this.warned.add(run.steps.flatMap((step) => step.cautions).map((one) => one.id))
  }

  /** Takes back what the last press wrote down. */
  back(): Promise<boolean> {
    const last = this.job?.walk.lastPress
    if (!last) return Promise.resolve(false)
    return this.enter('undo', { entryId: last.entryId }, 'a press taken back')
  }

  /** What was noticed at the first look, what is still under way to the server included. */
  readonly signs: readonly Schemas['SignForm'][] = $derived(
    this.signsUnderWay ?? this.job?.firstLook?.signs ?? [],
  )

  /** Sends everything noticed so far, this one in place of an earlier one of its kind. */
  async look(sign: Schemas['SignForm']): Promise<boolean> {
    const others = this.signs.filter(
      (one) => one.kind !== sign.kind || (sign.kind === 'MISPLACED' && one.part !== sign.part),
    )
    // two taps in quick succession: the second must know of the first before it is answered
    const signs = [...others, sign]
    this.signsUnderWay = signs
    const sent = await this.enter('look', { signs: [...signs] }, 'the first look')
    if (this.signsUnderWay === signs) this.signsUnderWay = null
    return sent
  }

  /** Keeps a photo with the step to do now. */
  async addPhoto(file: Blob): Promise<boolean> {
    const { step } = this
    if (!step) return false
    return this.enter('photo', { stepId: step.id, file: await toSend(file) }, 'a photo')
  }

  /** Through the outbox: kept on this device until it is known what became of it. */
  protected enter<K extends JobKind>(
    kind: K,
    form: Omit<Body<K>, 'id'>,
    what: string,
  ): Promise<boolean> {
    // a second press while the first waits would be a second entry; signs and photos are many by nature
    if (this.hasWaiting && kind !== 'look' && kind !== 'photo') return Promise.resolve(false)
    const body = { ...form, id: crypto.randomUUID() } as unknown as Body<K>
    return this.attempt.run(async () => {
      const known = await outbox.put(this.id, kind, body, what)
      if ('refused' in known) throw new ProblemError(known.refused)
      this.show(known.answer)
    })
  }

  private show(job: Job): void {
    // an answer that was overtaken by a later one
    if (this.job && job.number < this.job.number) return
    this.job = job
    this.seenAt = Date.now()
    const now = `${job.walk.now?.id ?? ''} ${job.walk.done.length}`
    if (now !== this.ticking) {
      this.ticking = now
      this.metCautions = []
      this.metChecks = []
      this.extraChecks = []
      this.startReadings()
    }
  }

  /** One step's numbers, or those of all steps of the run, each kind once. */
  startReadings(): void {
    this.readings.start(
      this.run ? kindsOf(this.run.steps) : [...(this.job?.walk.now?.readings ?? [])],
    )
  }

  /** The other pace, in mid-stage too. */
  changePace(): void {
    pace.change()
    this.startReadings()
  }
}

const toggled = (all: readonly string[], id: string): string[] =>
  all.includes(id) ? all.filter((other) => other !== id) : [...all, id]
