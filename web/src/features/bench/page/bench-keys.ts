import type { Bench } from '$features/bench/job'
import type { keys } from '$features/keys'
import { canSay, say } from './say'

/** What the keys do at the bench. */
export function benchKeys(
  bench: Bench,
  nextPane: () => void,
  onpress: () => void,
): Parameters<typeof keys.add>[0] {
  return [
    { keys: [' ', 'PageDown'], does: 'What the blue button says', run: onpress },
    { keys: ['PageUp'], does: 'Take the last press back', run: () => void bench.back() },
    { keys: ['z', 'Z'], ctrl: true, does: '', run: () => void bench.back() },
    { keys: ['p', 'P'], does: 'Step by step, or in runs', run: () => bench.changePace() },
    { keys: ['m', 'M'], does: 'Take the next reading', run: () => bench.readings.next() },
    {
      keys: ['x', 'X'],
      does: 'The reading in another unit',
      run: () => bench.readings.swapUnit(),
    },
    { keys: ['s', 'S'], does: 'Step, section, tray (phone)', run: nextPane },
    {
      keys: ['r', 'R'],
      does: 'Read the step out',
      run: () => bench.step && canSay() && say(bench.step),
    },
    ...[...'0123456789.'].map((key) => ({
      keys: key === '.' ? ['.', ','] : [key],
      does: '',
      run: () => bench.readings.type(key),
    })),
    { keys: ['Backspace'], does: '', run: () => bench.readings.type('back') },
  ]
}
