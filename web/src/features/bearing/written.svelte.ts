import { Questions } from '$api/questions'
import { api } from './api'
import type { Schemas } from '$api/request'
import { Attempt } from '$api/attempt.svelte'

/** What stands where a bearing's number belongs, as the catalogue reads it. */
export class Written extends Attempt {
  read = $state.raw<Schemas['WrittenView'] | null>(null)
  private readonly questions = new Questions()

  async look(text: string): Promise<void> {
    const isLast = this.questions.ask()
    if (text.trim() === '') {
      this.read = null
      return
    }
    await this.run(async () => {
      const read = await api.readBearing(text)
      if (isLast()) this.read = read
    })
  }
}
