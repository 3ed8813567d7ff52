import { remember, remembered } from '$features/display'

const KEY = 'oldtallow.warned'
/** Jobs a device remembers; older ones warn again, which hurts nobody. */
const MOST_JOBS = 20

type Warnings = Record<string, string[]>

/** What somebody was warned of on a job, on this device: once is enough. */
export class Warned {
  private ids = $state.raw<readonly string[]>([])

  constructor(
    /** The job and who works on it. */
    private readonly of: string,
  ) {
    this.ids = all()[of] ?? []
  }

  has(id: string): boolean {
    return this.ids.includes(id)
  }

  add(ids: readonly string[]): void {
    if (ids.every((id) => this.has(id))) return
    this.ids = [...this.ids, ...ids].filter((id, i, every) => every.indexOf(id) === i)
    const others = Object.entries(all()).filter(([of]) => of !== this.of)
    const kept = [...others.slice(-(MOST_JOBS - 1)), [this.of, [...this.ids]] as const]
    remember(KEY, JSON.stringify(Object.fromEntries(kept)))
  }
}

function all(): Warnings {
  try {
    return JSON.parse(remembered(KEY) ?? '{}') as Warnings
  } catch {
    return {} // written by nobody we know
  }
}
