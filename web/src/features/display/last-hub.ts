import { remember, remembered } from './storage'

const KEY = 'oldtallow.last-hub'

/** The hub somebody had in hand last on this device. */
export interface LastHub {
  id: string
  /** What it is called, with its rig. */
  words: string
}

export function rememberHub(hub: LastHub): void {
  remember(KEY, JSON.stringify(hub))
}

/** Null where there was none yet. */
export function lastHub(): LastHub | null {
  try {
    const hub: unknown = JSON.parse(remembered(KEY) ?? 'null')
    return typeof hub === 'object' && hub !== null && 'id' in hub && 'words' in hub
      ? { id: String(hub.id), words: String(hub.words) }
      : null
  } catch {
    return null
  }
}
