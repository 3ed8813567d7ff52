import { remember, remembered } from './storage'

const KEY = 'oldtallow.pace'

/** How a job is walked on this device: move by move, or in runs the hands do in one go. */
class Pace {
  byRuns = $state(remembered(KEY) === 'runs')

  change(): void {
    this.byRuns = !this.byRuns
    remember(KEY, this.byRuns ? 'runs' : 'steps')
  }
}

export const pace = new Pace()
