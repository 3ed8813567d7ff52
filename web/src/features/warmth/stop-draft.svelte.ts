import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'
import { now, remember, remembered } from '$features/display'
import { number } from '$ui/number-field'

type Touch = Schemas['TouchView']['touch']
export type Warmth = Schemas['WarmthView']

/** Where a stop is made: on a trip, or anywhere. */
export interface Whereabouts {
  tripId: string
  tripKm: number
}

interface Kept {
  id: string
  touches: Record<string, Touch>
  celsius: Record<string, string>
  day: string
  tripKm: string
  by: StopDraft['by']
}

/**
 * A stop as it is entered at the roadside. It stays on this device until the server has it, since there may be no network
 * where hubs get hot.
 */
export class StopDraft {
  readonly attempt = new Attempt()
  id: string
  by = $state<'hand' | 'thermometer'>('hand')
  touches = $state<Record<string, Touch>>({})
  celsius = $state<Record<string, string>>({})
  day = $state('')
  tripKm = $state('')
  note = $state('')

  readonly filled = $derived(
    Object.keys(this.by === 'hand' ? this.touches : this.celsius).length > 0,
  )

  constructor(
    readonly rigId: string,
    readonly whereabouts: Whereabouts | null,
  ) {
    this.id = crypto.randomUUID()
    this.tripKm = whereabouts ? String(Math.round(whereabouts.tripKm)) : ''
    const kept = parsed(remembered(this.key))
    if (!kept) return
    this.id = kept.id
    this.touches = kept.touches
    this.celsius = kept.celsius
    this.day = kept.day
    this.by = kept.by
    if (kept.tripKm !== '') this.tripKm = kept.tripKm
  }

  feel(wheelEndId: string, touch: Touch): void {
    this.touches[wheelEndId] = touch
    this.keep()
  }

  read(wheelEndId: string, text: string): void {
    this.celsius[wheelEndId] = text
    this.keep()
  }

  keep(): void {
    const { id, touches, celsius, day, tripKm, by } = this
    remember(this.key, JSON.stringify({ id, touches, celsius, day, tripKm, by } satisfies Kept))
  }

  /** The log with this stop in it; null while it could not be sent. */
  async send(): Promise<Warmth | null> {
    let log: Warmth | null = null
    const sent = await this.attempt.run(async () => {
      log = await api.putWarmth(this.rigId, this.id, this.toForm())
    })
    if (!sent) {
      // an earlier try was saved with less in it: what is sent next is another stop
      if (this.attempt.problem?.status === 409) this.id = crypto.randomUUID()
      this.keep()
      return null
    }
    remember(this.key, '')
    return log
  }

  toForm(): Schemas['StopForm'] {
    const day = number(this.day)
    const tripKm = number(this.tripKm)
    return {
      at: now(),
      ...(day === null ? {} : { dayCelsius: day }),
      ...(this.whereabouts ? { tripId: this.whereabouts.tripId } : {}),
      ...(this.whereabouts && tripKm !== null ? { tripKm } : {}),
      note: this.note,
      hubs: this.by === 'hand' ? this.felt() : this.measured(),
    }
  }

  private felt(): Schemas['FeltHubForm'][] {
    return Object.entries(this.touches).map(([wheelEndId, touch]) => ({ wheelEndId, touch }))
  }

  private measured(): Schemas['FeltHubForm'][] {
    return Object.entries(this.celsius).flatMap(([wheelEndId, text]) => {
      const celsius = number(text)
      return celsius === null ? [] : [{ wheelEndId, celsius }]
    })
  }

  private get key(): string {
    return `oldtallow.stop.${this.whereabouts?.tripId ?? this.rigId}`
  }
}

function parsed(text: string | null): Kept | null {
  if (!text) return null
  try {
    return JSON.parse(text) as Kept
  } catch {
    return null // written by another version; nothing can be made of it
  }
}
