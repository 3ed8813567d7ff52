import { remember, remembered } from './storage'

const KEY = 'oldtallow.pace'

type Way = 'runs' | 'steps'

/** How a job is walked on this device: move by move, or in runs the hands do in one go; as each person likes it. */
class Pace {
  private way = $state<Way>('steps')
  private key = KEY

  get byRuns(): boolean {
    return this.way === 'runs'
  }

  /** An apprentice wants every move, whoever knows the job does not; what this person chose here last counts before that. */
  start(person: { id: string; role: string }): void {
    this.key = `${KEY}.${person.id}`
    const chosen = remembered(this.key) ?? remembered(KEY)
    const usual: Way = person.role === 'APPRENTICE' ? 'steps' : 'runs'
    this.way = chosen === 'runs' || chosen === 'steps' ? chosen : usual
  }

  change(): void {
    this.way = this.byRuns ? 'steps' : 'runs'
    remember(this.key, this.way)
  }
}

export const pace = new Pace()
