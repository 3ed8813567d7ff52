import { api } from './api'
import { ProblemError, type Problem, type Schemas } from '$api/request'

type Form = Schemas['NutCalculationForm']

/**
 * Asks the server for every change of the dial. While one question is under way only the latest of
 * those that follow is kept, so that a drag is never behind by more than one answer.
 */
export class Calculator {
  answer = $state.raw<Schemas['NutCalculationView'] | null>(null)
  problem = $state.raw<Problem | null>(null)

  private waiting: Form | null = null
  private asking = false

  ask(form: Form): void {
    this.waiting = form
    if (!this.asking) void this.work()
  }

  private async work(): Promise<void> {
    this.asking = true
    while (this.waiting) {
      const form = this.waiting
      this.waiting = null
      try {
        this.answer = await api.calculate(form)
        this.problem = null
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error
        this.problem = error.problem
      }
    }
    this.asking = false
  }
}
