import { isBusy, pause, ProblemError, type Problem } from './request'

/** Something sent to the server: whether it is under way, and what was wrong with it. */
export class Attempt {
  problem = $state.raw<Problem | null>(null)
  busy = $state(false)
  private readonly ids: Partial<Record<string, string>> = {}

  /**
   * Sends an entry under an id of its own, which stays the same until it is known to be saved: however often the button is
   * pressed, it is one entry. `what` tells the entries of this attempt apart.
   */
  async once(what: string, send: (id: string) => Promise<unknown>): Promise<boolean> {
    const id = (this.ids[what] ??= crypto.randomUUID())
    const saved = await this.run(() => send(id))
    // at a conflict an earlier try was saved with something else in it: what is sent next is another entry
    if (saved || this.problem?.status === 409) this.ids[what] = undefined
    return saved
  }

  /** True when it was done; what was entered is to be kept otherwise. */
  async run(act: () => Promise<unknown>): Promise<boolean> {
    this.busy = true
    try {
      await patiently(act)
      this.problem = null
      return true
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem
      return false
    } finally {
      this.busy = false
    }
  }

  fieldError(field: string): string {
    return this.problem?.errors.find((error) => error.field === field)?.remedy ?? ''
  }

  /** What is wrong apart from these fields, which say it themselves. */
  rest(fields: (field: string) => boolean): string {
    const others = this.problem?.errors.filter((error) => !fields(error.field)) ?? []
    if (this.problem && this.problem.errors.length === 0) return this.problem.detail
    return others.map((error) => `${error.field}: ${error.remedy}.`).join(' ')
  }
}

const TRIES = 5

/** Whoever is told that too many are at work waits a moment, each another one, and asks again. */
async function patiently(act: () => Promise<unknown>): Promise<void> {
  for (let tries = 1; ; tries++) {
    try {
      await act()
      return
    } catch (error) {
      if (!(error instanceof ProblemError && isBusy(error.problem)) || tries === TRIES) throw error
      await pause(tries)
    }
  }
}
