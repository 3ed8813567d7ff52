import type { Schemas } from '$api/request'
import type { Body, JobKind } from '$features/outbox'
import type { Item } from './move'

/** Nothing found; a bearing seen clean, felt and turned, as the button says. */
export function found(item: Item): Schemas['VerdictForm'] {
  const isBearing = item === 'INBOARD_BEARING' || item === 'OUTBOARD_BEARING'
  return {
    item,
    findings: [],
    ...(isBearing
      ? { looked: { cleaned: true, by: ['LOOKING', 'FINGERNAIL', 'TURNING'], noisy: false } }
      : {}),
  }
}

/** What is written down about a job with one call; how it is sent and shown is for whoever extends it. */
export abstract class JobEntries {
  protected abstract enter<K extends JobKind>(
    kind: K,
    form: Omit<Body<K>, 'id'>,
    what: string,
  ): Promise<boolean>

  waive(checkId: string, reason: string): Promise<boolean> {
    return this.enter('waiver', { checkId, reason }, 'a check let go')
  }

  /** What the step is about is not on this hub. */
  notHere(stepId: string): Promise<boolean> {
    return this.enter('notHere', { stepId }, 'what is not on this hub')
  }

  note(stepId: string, words: string): Promise<boolean> {
    return this.enter('note', { stepId, words }, 'a note')
  }

  /** These parts do not go back. */
  condemn(parts: Schemas['CondemnedForm']['parts'], reason: string): Promise<boolean> {
    return this.enter('condemned', { parts, reason }, 'parts that do not go back')
  }

  judge(form: Omit<Schemas['JudgingForm'], 'id'>): Promise<boolean> {
    return this.enter('judging', form, 'a verdict')
  }

  nothingFound(item: Item): Promise<boolean> {
    return this.judge(found(item))
  }

  /** Which grease goes in. */
  grease(form: Omit<Schemas['GreasedForm'], 'id'>): Promise<boolean> {
    return this.enter('grease', form, 'the grease')
  }

  rescope(
    scope: Schemas['RescopeForm']['scope'],
    reason: string,
    choices?: Schemas['ChoicesForm'],
  ): Promise<boolean> {
    return this.enter('scope', { scope, reason, ...(choices && { choices }) }, 'another scope')
  }

  /** Done in another way from here on, at each hub where it is still to choose. */
  chooseWay(choice: Schemas['WayChosenForm']['choice'], way: string): Promise<boolean> {
    return this.enter('way', { choice, way }, 'another way')
  }

  /** Proved, and found wrong: the job goes back to the nut. */
  reopenSetting(found: Schemas['SettingReopenedForm']['found'], what = ''): Promise<boolean> {
    return this.enter('reopened', { found, what }, 'the way back to the nut')
  }

  /** These cups were not home: the job goes back to them. */
  cupMoved(cups: Schemas['CupMovedForm']['cups']): Promise<boolean> {
    return this.enter('cupMoved', { cups }, 'cups that were not home')
  }

  waits(what: string, bag: string, orderedFrom: string): Promise<boolean> {
    return this.enter('waits', { what, bag, orderedFrom }, 'the wait for a part')
  }

  giveUp(reason: string): Promise<boolean> {
    return this.enter('abandon', { reason }, 'giving it up')
  }

  goOn(): Promise<boolean> {
    return this.enter('goesOn', {}, 'going on')
  }

  close(): Promise<boolean> {
    return this.enter('close', {}, 'closing the job')
  }

  signOff(): Promise<boolean> {
    return this.enter('signOff', {}, 'signing it off')
  }
}
