import { ProblemError, type Problem } from './request'

/** Something sent to the server: whether it is under way, and what was wrong with it. */
export class Attempt {
  problem = $state.raw<Problem | null>(null)
  busy = $state(false)

  /** True when it was done; what was entered is to be kept otherwise. */
  async run(act: () => Promise<unknown>): Promise<boolean> {
    this.busy = true
    try {
      await act()
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
