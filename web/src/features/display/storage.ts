/** What this device remembers under a key; null when it remembers nothing or may not. */
export function remembered(key: string): string | null {
  try {
    return localStorage.getItem(key)
  } catch {
    return null // storage may be barred; then nothing is remembered
  }
}

export function remember(key: string, value: string): void {
  try {
    localStorage.setItem(key, value)
  } catch {
    // storage may be barred; the choice then lasts until the page is closed
  }
}
