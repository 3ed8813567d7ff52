import type { MarkShape } from '$ui/mark'
import type { Paired } from './instruments.svelte'

/** As an instrument's display writes it: as many decimals as it resolves. */
export function display(value: number, resolution: number): string {
  const decimals = Math.min(4, Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9)))
  return value.toFixed(decimals).replace('-', '−')
}

/** How the line to it stands, in a few words. */
export function stateWords(shown: Paired | null): string {
  if (!shown) return 'looking for it …'
  switch (shown.state) {
    case 'CONNECTING':
      return 'looking for it …'
    case 'LIVE':
      return shown.steady ? 'stands still' : 'moves'
    case 'SILENT':
      return 'sends no reading'
    case 'LOST':
      return 'lost; it is tried again'
  }
}

/** The mark that goes with it. */
export function stateMark(shown: Paired | null): MarkShape {
  if (shown?.trouble || shown?.state === 'LOST') return 'outside'
  return shown?.steady ? 'good' : 'soon'
}
