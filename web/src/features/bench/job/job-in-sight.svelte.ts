import { records } from '$features/records'
import { ProblemError, type Problem, type Schemas } from '$api/request'
import { Attempt } from '$api/attempt.svelte'
import { pace } from '$features/display'
import { outbox } from '$features/outbox'
import type { PartName, PartStatus } from '$features/section'
import { moveNow, type Item, type Move } from './move'
import { Readings } from './readings.svelte'
import { JobEntries } from './job-entries'
import { alongside, closes, kindsOf } from './run'
import { Warned } from './warned.svelte'

/** So long a card that somebody else changed takes no press, ms: shorter than anybody reads, longer than a press takes. */
const TO_READ = 600

type Job = Schemas['JobView']
type Step = Schemas['BenchStepView']
type Run = Schemas['RunView']

/** A job as this device sees it, and what was ticked and typed here on the step to do now. */
export abstract class JobInSight extends JobEntries {
  job = $state.raw<Job | null>(null)
  reference = $state.raw<Schemas['BenchReferenceView'] | null>(null)
  section = $state.raw<Schemas['SectionView'] | null>(null)
  /** The rig's other wheel ends; null until asked for. */
  otherEnds = $state.raw<readonly Schemas['StandingView'][] | null>(null)
  /** What governs on this hub, by kind; empty until it is looked up. */
  rungs = $state.raw<readonly Schemas['RungView'][]>([])
  problem = $state.raw<Problem | null>(null)
  picked = $state<PartName | null>(null)
  /** On the way to another hub or card: a quick second press is not meant for this one. */
  leaving = $state(false)
  /** Somebody else has just changed what is to be done: a press on its way was meant for what stood there before. */
  overtaken = $state(false)
  private overtaking: ReturnType<typeof setTimeout> | undefined
  /** When the job was last seen as the server has it. */
  seenAt = $state(Date.now())
  readonly attempt = new Attempt()
  readonly readings = new Readings()
  private metCautions = $state.raw<readonly string[]>([])
  private metChecks = $state.raw<readonly string[]>([])
  /** Met here though the plan has no such check: a torque somebody stands by. */
  extraChecks = $state.raw<readonly string[]>([])
  /** The step that was ticked here; another one starts afresh. */
  private ticking = ''

  readonly step: Step | null = $derived(this.job?.walk.now ?? null)

  /** What the hands do now in one go; null where it goes step by step. */
  readonly run: Run | null = $derived(pace.byRuns ? (this.job?.walk.run ?? null) : null)

  /** Hubs for which the next press does not count, though it could. */
  private leftOut = $state.raw<readonly string[]>([])

  /** What the next press does at other hubs of the rig. */
  readonly alongside: Schemas['AlongsideView'][] = $derived(
    alongside(this.job?.walk.run, this.step, pace.byRuns),
  )

  /** The same without the hubs that somebody left out. */
  readonly together: Schemas['AlongsideView'][] = $derived(
    this.alongside.filter((one) => !this.leftOut.includes(one.jobId)),
  )

  /** Whether the press that finishes this run closes the job. */
  readonly closesIt: boolean = $derived.by(
    () =>
      this.job !== null &&
      this.run !== null &&
      closes(this.job, this.run.steps.length, this.together) &&
      this.mayRelease(),
  )

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

  protected warned = $state.raw(new Warned(''))

  constructor(
    readonly id: string,
    private readonly mayRelease: () => boolean,
    private readonly person = '',
  ) {
    super()
  }

  /** Whether an entry of this device is not known to be saved. */
  get hasWaiting(): boolean {
    return outbox.of(this.id).length > 0
  }

  cautionMet(id: string): boolean {
    return this.metCautions.includes(id) || this.warned.has(id)
  }

  /** Met at an earlier step of this job: there it stood in full. */
  cautionKnown(id: string): boolean {
    return this.warned.has(id) && !this.metCautions.includes(id)
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

  /** The next press counts at this hub, or does not. */
  leaveOut(jobId: string): void {
    this.leftOut = toggled(this.leftOut, jobId)
    this.startReadings()
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

  protected show(job: Job): void {
    // an answer that was overtaken by a later one
    if (this.job && job.number < this.job.number) return
    if (this.job?.round.rigJobId !== job.round.rigJobId)
      this.warned = new Warned(`${job.round.rigJobId} ${this.person}`)
    this.job = job
    this.seenAt = Date.now()
    const now = `${job.walk.now?.id ?? ''} ${job.walk.done.length}`
    if (now !== this.ticking) {
      if (this.ticking !== '' && !this.attempt.busy) this.overtake()
      this.ticking = now
      this.metCautions = []
      this.metChecks = []
      this.extraChecks = []
      this.leftOut = []
      this.startReadings()
    }
  }

  private overtake(): void {
    this.overtaken = true
    clearTimeout(this.overtaking)
    this.overtaking = setTimeout(() => (this.overtaken = false), TO_READ)
  }

  /** The step by itself; where other hubs take it along, their own numbers are not asked for here. */
  private get alone(): Step | undefined {
    const first = this.job?.walk.run?.steps[0]
    return this.together.length > 0 && first?.id === this.step?.id ? first : this.job?.walk.now
  }

  /** One step's numbers, or those of all steps of the run, each kind once; at other hubs what is their own. */
  startReadings(): void {
    this.readings.start(
      this.run ? kindsOf(this.run.steps) : [...(this.alone?.readings ?? [])],
      this.together.map(({ jobId, position, steps }) => ({
        jobId,
        position,
        kinds: kindsOf(steps.filter((step) => !step.once)),
      })),
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
