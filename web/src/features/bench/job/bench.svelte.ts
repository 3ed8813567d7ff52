import { ProblemError, type Schemas } from '$api/request'
import { toSend } from '$api/picture'
import { outbox, type Body, type JobKind } from '$features/outbox'
import { api } from './api'
import type { Item } from './move'
import { found } from './job-entries'
import { JobInSight } from './job-in-sight.svelte'
import { kindsOf, stepsOf, type StepOfRun } from './run'

type Step = Schemas['BenchStepView']
type Part = Schemas['PartNameView']['part']
export type { Item, Move } from './move'

/** A job as somebody works on it here: what a press sends. */
export class Bench extends JobInSight {
  private signsUnderWay = $state.raw<readonly Schemas['SignForm'][] | null>(null)

  constructor(
    id: string,
    mayRelease: () => boolean,
    person = '',
    /** Told where to go on after a press. */
    private readonly goOnAt: (jobId: string) => void = () => {},
  ) {
    super(id, mayRelease, person)
  }

  /** Finishes the step; what must hold of it stands on the button. */
  async finish(): Promise<void> {
    const { step } = this
    if (!step || this.attempt.busy || this.hasWaiting) return
    if (this.together.length > 0) return this.finishRun()
    const readings = this.readings.forms()
    if (readings === null) return
    const checksMet = [
      ...step.checks
        .filter((check) => !check.waived && (check.must || this.checkMet(check)))
        .map((check) => check.id),
      ...this.extraChecks,
    ]
    if (await this.enter('step', { stepId: step.id, checksMet, readings }, step.what))
      this.goToNext()
  }

  /** Finishes all of a run, at each hub that the button names; what must hold of it stands on the button, too. */
  async finishRun(judged?: Schemas['VerdictForm']): Promise<void> {
    const steps = this.run?.steps ?? (this.step ? [this.step] : [])
    if (steps.length === 0 || this.attempt.busy || this.hasWaiting) return
    const closesIt = this.closesIt
    const here = this.stepsAt(steps)
    const others = this.together.map(({ jobId, steps: theirs }) => ({
      jobId,
      steps: this.stepsAt(theirs, jobId),
    }))
    if (here === null || others.some((one) => one.steps === null)) return
    here.at(-1)?.checksMet.push(...this.extraChecks)
    const entered = await this.enter(
      'run',
      {
        steps: here,
        ...(others.length > 0 && { alongside: others as Schemas['AlongsideForm'][] }),
        ...(judged && { judged }),
      },
      steps.map((step) => step.what).join(', '),
    )
    if (!entered) return
    if (closesIt) await this.close()
    this.warned.add(steps.flatMap((step) => step.cautions).map((one) => one.id))
    this.goToNext()
  }

  /** Steps as they are sent, with the numbers read at that hub; null where one is no number yet. */
  private stepsAt(steps: readonly Step[], jobId?: string): StepOfRun[] | null {
    const readings = this.readings.forms(jobId)
    return (
      readings &&
      stepsOf(
        { steps: [...steps] },
        readings,
        (check) => !check.waived && (check.must || (jobId === undefined && this.checkMet(check))),
      )
    )
  }

  /** Nothing found: the step is done by the same press. */
  override nothingFound(item: Item): Promise<boolean> {
    if (this.overtaken) return Promise.resolve(false)
    const ends = this.asking?.judges === item && !this.asking.byMechanic
    if (!ends) return super.nothingFound(item)
    return this.finishRun(found(item)).then(() => true)
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

  /** Keeps a photo with the step to do now, or another one. */
  async addPhoto(file: Blob, stepId = this.step?.id, part?: Part): Promise<boolean> {
    if (!stepId) return false
    const body = { stepId, ...(part && { part }), file: await toSend(file) }
    return this.enter('photo', body, 'a photo')
  }

  /** Finishes the run as far as this step, at this hub alone. */
  async finishUpTo(stepId: string): Promise<void> {
    const all = this.run?.steps ?? []
    const steps = all.slice(0, all.findIndex((one) => one.id === stepId) + 1)
    if (steps.length === 0 || this.attempt.busy || this.hasWaiting) return
    const here = this.stepsAt(steps)
    if (here === null) return
    // numbers for what is still to come stay where they were typed
    const kept = this.readings.without(kindsOf(steps))
    if (await this.enter('run', { steps: here }, steps.map((step) => step.what).join(', ')))
      this.readings.restore(kept)
  }

  /** The wheel end's record loses what was struck out here. */
  recordAbsent(): Promise<boolean> {
    return this.attempt.run(async () => {
      this.show(await api.recordAbsent(this.id))
    })
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

  private goToNext(): void {
    const next = this.job?.round.next
    if (!next) return
    this.leaving = true
    this.goOnAt(next)
  }

  /** Another hub of the rig comes to the job. */
  async addHub(wheelEndId: string): Promise<void> {
    const id = crypto.randomUUID()
    await this.attempt.run(async () => {
      const added = await api.addHub(this.id, { id, wheelEndId })
      this.goOnAt(added.id)
    })
  }

  /** This hub goes on in a job of its own. */
  letGo(): Promise<boolean> {
    const id = crypto.randomUUID()
    return this.attempt.run(async () => {
      this.show(await api.letGo(this.id, { id }))
    })
  }

  /** The hubs are gone round in another order. */
  reorder(order: Schemas['RoundView']['order']): Promise<boolean> {
    return this.attempt.run(async () => {
      this.show(await api.reorder(this.id, { order }))
    })
  }
}
