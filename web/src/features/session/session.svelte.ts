import { api } from './api'
import { answerWithPasskey } from '$api/passkey'
import { line } from '$trackside'
import { ProblemError, whenSignedOut, type Problem, type Schemas } from '$api/request'

type View = Schemas['SessionView']

/** Who sits at this device. */
class Session {
  view = $state.raw<View | null>(null)
  problem = $state.raw<Problem | null>(null)
  busy = $state(false)
  /** Who was signed in when the session was lost. */
  private leftAs: string | undefined
  /** Whether the server forgot a person in the middle of their work. */
  lost = $state(false)

  readonly person = $derived(this.view?.person ?? null)
  readonly isOwner = $derived(this.person?.role === 'OWNER')
  readonly mayManage = $derived(this.person !== null && this.person.role !== 'APPRENTICE')

  constructor() {
    const lose = () => {
      if (this.person) this.lost = true
    }
    whenSignedOut(lose)
    line.whenUnknown(lose)
  }

  load(): Promise<boolean> {
    return this.take(() => api.session())
  }

  async signIn(signInName: string, password: string): Promise<boolean> {
    const was = this.person?.id
    const done = await this.take(() => api.signIn({ signInName, password }))
    return this.entered(done, was)
  }

  /** The code of the moment, after the password was right. */
  async code(code: string): Promise<boolean> {
    const was = this.leftAs
    const done = await this.take(() => api.signInCode(code))
    return this.entered(done, was)
  }

  /** The answer of a device, after the password was right; false where there was none. */
  async passkey(): Promise<boolean> {
    const was = this.leftAs
    const done = await this.take(async () => {
      const wanted = await api.signInPasskeyWanted()
      return api.signInPasskey(await answerWithPasskey(wanted.json))
    })
    return this.entered(done, was)
  }

  private entered(done: boolean, was: string | undefined): boolean {
    this.leftAs = was
    if (!done || this.view?.codeWanted) return done
    // what is on screen was fetched for somebody else
    if (this.lost && this.person?.id !== was) location.reload()
    this.lost = false
    return done
  }

  foundWorkshop(form: Schemas['FirstOwnerForm']): Promise<boolean> {
    return this.take(() => api.foundWorkshop(form))
  }

  async signOut(everywhere: boolean): Promise<void> {
    await api.signOut(everywhere)
    location.assign('/') // nothing of theirs stays on screen
  }

  fieldError(field: string): string {
    return this.problem?.errors.find((error) => error.field === field)?.remedy ?? ''
  }

  private async take(ask: () => Promise<View>): Promise<boolean> {
    this.busy = true
    try {
      const next = await ask()
      // half signed in again: what is beneath stays until it is known who it is
      this.view =
        this.lost && next.codeWanted && this.person ? { ...next, person: this.person } : next
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
}

export const session = new Session()
