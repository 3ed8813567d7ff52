import { Questions } from '$api/questions'
import { api } from './api'
import { ProblemError, type Schemas } from '$api/request'

/** Something to go to. */
export interface Target {
  label: string
  detail: string
  kind: string
  href: string
}

/** Rooms and reckonings, which need no search. */
const ROOMS: Target[] = [
  { label: 'Yard', detail: 'what needs me today', kind: 'room', href: '/' },
  { label: 'What is due', detail: 'the yard, only what is due', kind: 'room', href: '/?show=due' },
  { label: 'Enter a rig', detail: 'a new one in the yard', kind: 'room', href: '/rigs/new' },
  { label: 'Bench', detail: 'jobs under way', kind: 'room', href: '/bench' },
  { label: 'Shelf', detail: 'stores, order list, recall', kind: 'room', href: '/shelf' },
  { label: 'Workshop', detail: 'people, rules, what was changed', kind: 'room', href: '/workshop' },
  {
    label: 'Which bearing',
    detail: 'identify it from what you can measure',
    kind: 'reckoning',
    href: '/reckoner',
  },
  {
    label: 'Stud circle',
    detail: 'from two neighbouring studs',
    kind: 'reckoning',
    href: '/reckoner#studs',
  },
  {
    label: 'Reading a ring',
    detail: 'what a number and its suffix mean',
    kind: 'reckoning',
    href: '/reckoner#reading',
  },
  {
    label: 'Fit and heat',
    detail: 'a cup in its hub, warm and chill',
    kind: 'reckoning',
    href: '/reckoner/fit',
  },
  {
    label: 'Driver and seat',
    detail: 'what to drive a cup with, and is it home',
    kind: 'reckoning',
    href: '/reckoner/race',
  },
  {
    label: 'Seal and cap',
    detail: 'by size; which way round',
    kind: 'reckoning',
    href: '/reckoner/seal',
  },
  {
    label: 'Grease',
    detail: 'which, how much, does it go with the old',
    kind: 'reckoning',
    href: '/reckoner/grease',
  },
  {
    label: 'Setting and drag',
    detail: 'life, heat and rock over end play; drag by a spring scale',
    kind: 'reckoning',
    href: '/reckoner/feel',
  },
  {
    label: 'Nut dial',
    detail: 'where to stop the nut, without a rig',
    kind: 'reckoning',
    href: '/nut-dial',
  },
]

const kinds: Record<Schemas['HitView']['kind'], string> = {
  RIG: 'rig',
  OWNER: 'owner',
  WHEEL_END: 'wheel end',
  PART: 'part',
  BATCH: 'batch',
  JOB: 'job',
}

/** The box that finds anything. */
class Palette {
  open = $state(false)
  typed = $state('')
  private hits = $state.raw<Target[]>([])
  problem = $state('')
  private readonly questions = new Questions()
  private latest: Promise<void> = Promise.resolve()

  readonly targets = $derived.by(() => {
    const words = this.typed.trim().toLowerCase().split(/\s+/).filter(Boolean)
    const rooms = ROOMS.filter((room) => {
      const text = `${room.label} ${room.detail}`.toLowerCase().split(/[^\p{L}]+/u)
      return words.every((word) => text.some((one) => one.startsWith(word)))
    })
    return words.length === 0 ? ROOMS : [...this.hits, ...rooms]
  })

  show(): void {
    this.typed = ''
    this.hits = []
    this.open = true
  }

  /** When what was typed last has been answered: Enter is often faster. */
  settled(): Promise<void> {
    return this.latest
  }

  ask(): Promise<void> {
    this.latest = this.fetch()
    return this.latest
  }

  private async fetch(): Promise<void> {
    const isLast = this.questions.ask()
    const typed = this.typed.trim()
    if (typed === '') {
      this.hits = []
      return
    }
    try {
      const hits = await api.palette(typed)
      if (!isLast()) return
      this.hits = hits.map(target)
      this.problem = ''
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      this.problem = error.problem.detail
    }
  }
}

function target(hit: Schemas['HitView']): Target {
  return { label: hit.label, detail: hit.detail, kind: kinds[hit.kind], href: hrefOf(hit) }
}

function hrefOf(hit: Schemas['HitView']): string {
  if (hit.batch !== undefined) return `/shelf?batch=${encodeURIComponent(hit.batch)}`
  if (hit.jobId !== undefined) return `/bench/${hit.jobId}`
  if (hit.owner !== undefined) return `/?owner=${encodeURIComponent(hit.owner)}`
  return hit.wheelEndId === undefined ? `/rigs/${hit.rigId ?? ''}` : `/wheel-ends/${hit.wheelEndId}`
}

export const palette = new Palette()
