/** The number somebody typed, with point or comma; null when it is none. */
export function number(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-')
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null
}

/** What is wrong with a text that should be a number; empty where it is one or nothing. */
export const noNumber = (text: string): string =>
  text.trim() !== '' && number(text) === null ? 'A plain number, such as 59.98' : ''
