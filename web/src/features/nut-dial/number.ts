/** The number somebody typed, with point or comma; null when it is none. */
export function number(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-')
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null
}
