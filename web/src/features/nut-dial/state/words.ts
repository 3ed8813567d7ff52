import type { Schemas } from '$api/request'
import { degrees, leadingLength, otherLength } from '$features/display'
import { marksOf, type Lock } from './geometry'

type Calculation = Schemas['NutCalculationView']
type Stop = Schemas['StopView']
type Remedy = Schemas['RemedyView']

export type Verdict = Stop['verdict']

const lookedAt: Record<Lock['kind'], { turning: string; fixed: string }> = {
  CASTLE_NUT: { turning: 'slot', fixed: 'hole' },
  SEATED_RETAINER: { turning: 'slot', fixed: 'hole' },
  PUSH_ON_RETAINER: { turning: 'corner', fixed: 'flat of the spindle' },
  TANG_WASHER: { turning: 'flat', fixed: 'tang' },
  LOCK_PLATE: { turning: 'hole of the nut', fixed: 'screw hole' },
  TWO_NUTS: { turning: 'flat', fixed: 'tab' },
  STAKED_COLLAR: { turning: 'collar', fixed: 'slot' },
}

/** What is lined up with what on this lock. */
export const partsOf = (lock: Lock): { turning: string; fixed: string } => lookedAt[lock.kind]

const both = (length: Schemas['LengthView']): string =>
  `${leadingLength(length)} (${otherLength(length)})`

/** As above where the sentence is in brackets already. */
const pair = (length: Schemas['LengthView']): string =>
  `${leadingLength(length)}, ${otherLength(length)}`

const stopNow = (angle: number): string => (angle === 0 ? 'right here' : `now ${turned(angle)}`)

/** "17° back", "13° on". */
export const turned = (angle: number): string =>
  angle < 0 ? `${degrees(-angle)} on` : angle === 0 ? 'here' : `${degrees(angle)} back`

/** A turn that a sequence fixes: "half a turn back", "90° on". */
export function nutTurn(angle: number): string {
  const way = angle < 0 ? 'on' : 'back'
  const size = Math.abs(angle)
  if (size === 360) return `one turn ${way}`
  return size === 180 ? `half a turn ${way}` : `${degrees(size)} ${way}`
}

/** Which hole, tang or screw meets there; nothing where there is only one. */
export function where(stop: Stop, lock: Lock): string {
  if (marksOf(lock).length < 2) return ''
  return `${partsOf(lock).fixed} ${stop.ways.map((way) => way.mark).join(' or ')}`
}

/** How far round the retainer is seated for it, and which way up; nothing where it stays as it is. */
export function seated(stop: Stop): string {
  const way = stop.ways[0]
  const shift = way?.seatShift ?? 0
  const over = way?.turnedOver ? 'turned over' : ''
  if (shift === 0) return over && `retainer ${over}`
  const seats = Math.abs(shift) === 1 ? 'one seat' : `${Math.abs(shift)} seats`
  return `retainer ${over ? `${over}, ` : ''}${seats} ${shift > 0 ? 'looser' : 'tighter'}`
}

/** How the lock goes in there. */
export function locking(stop: Stop, lock: Lock): string {
  switch (lock.kind) {
    case 'CASTLE_NUT':
    case 'SEATED_RETAINER':
      return where(stop, lock) === '' ? 'pin it' : `pin it through ${where(stop, lock)}`
    case 'PUSH_ON_RETAINER':
      return 'push the retainer home'
    case 'TANG_WASHER':
      return where(stop, lock) === '' ? 'bend the tang up' : `bend ${where(stop, lock)}`
    case 'LOCK_PLATE':
      return 'put the screws in'
    case 'TWO_NUTS':
      return 'lock it'
    case 'STAKED_COLLAR':
      return 'stake it'
  }
}

/** The move in one sentence. */
export function move(calculation: Calculation, lock: Lock): string {
  const { advice } = calculation
  if (advice.kind === 'ANY_ANGLE') {
    const suggested = degrees(advice.suggestedDegrees ?? 0)
    return advice.measureAgain
      ? `Back off ${suggested}, lock it, then measure.`
      : `Back off ${suggested} and stake it.`
  }
  if (!advice.stop) return 'No stop is good here. Never go on to the next.'
  const angle = advice.stop.backOffDegrees
  const seat = seated(advice.stop)
  const first =
    angle < 0
      ? `Go on ${degrees(-angle)}`
      : angle === 0
        ? 'Stop here'
        : `Back off ${degrees(angle)}`
  return `${first}${seat ? `, ${seat},` : ''} and ${locking(advice.stop, lock)}.`
}

/** Why, with the neighbours. */
export function because(calculation: Calculation, lock: Lock): string[] {
  const { advice, stops, window } = calculation
  if (advice.kind === 'ANY_ANGLE') {
    return [
      `Anywhere from ${degrees(window.fromDegrees)} to ${degrees(window.toDegrees)} back falls inside the window; the middle is furthest from both edges.`,
      ...(advice.measureAgain
        ? [
            'The outer nut takes up thread play when it is tightened, so only a reading taken after locking counts.',
          ]
        : []),
    ]
  }
  const tighter = stops.filter((stop) => stop.verdict === 'PRELOAD').at(-1)
  const never = tighter
    ? [
        `Do not go on to the ${partsOf(lock).turning} ${degrees(-tighter.backOffDegrees)} tighter: that is preload, and tight kills a bearing far sooner than loose.`,
      ]
    : []
  if (advice.kind === 'TAKE_USABLE' && advice.stop) {
    return [
      `That leaves ${both(advice.stop.endPlay)}: looser than good, and still usable on a light trailer.`,
      `It costs life: fewer rollers carry, an estimate of some six tenths of what it lives at ${leadingLength(window.most)}, and the wheel rocks more. Feel and measure it again after the first run.`,
      ...never,
    ]
  }
  if (!advice.stop) {
    const loose = stops.find((stop) => stop.verdict === 'TOO_LOOSE')
    return [
      loose
        ? `The first stop past the window, ${turned(loose.backOffDegrees)}, leaves ${both(loose.endPlay)}: too loose.`
        : 'Every stop falls short of the window.',
      ...never,
    ]
  }
  const next = stops.find((stop) => stop.verdict === 'TOO_LOOSE')
  return [
    `That leaves ${both(advice.stop.endPlay)} of end play, inside the window: the first stop met going looser.`,
    ...(next
      ? [
          `The next that is too loose, ${turned(next.backOffDegrees)}, leaves ${both(next.endPlay)}.`,
        ]
      : []),
    ...never,
  ]
}

/** A remedy as move and reason. */
export function remedy(item: Remedy): { move: string; reason: string } {
  switch (item.kind) {
    case 'ZERO_AGAIN':
      return {
        move: 'Take zero play again, hub turning',
        reason: `It would have to come out ${degrees(item.degrees)} ${item.looser ? 'looser' : 'tighter'} (${pair(item.least)}) for a stop to fall inside.`,
      }
    case 'OTHER_WASHER': {
      const change = `${leadingLength(item.least)} to ${leadingLength(item.most)} ${item.thicker ? 'thicker' : 'thinner'}`
      return item.thinnest && item.thickest
        ? {
            move: `Washer of ${leadingLength(item.thinnest)} to ${leadingLength(item.thickest)}`,
            reason: `That is ${change} than the fitted one; then the stop ${stopNow(item.stop.backOffDegrees)} falls inside.`,
          }
        : {
            move: `Washer ${change}`,
            reason: 'Measure the fitted one first; then that stop falls inside.',
          }
    }
    case 'WASHER_OVER':
      return {
        move: 'Turn the tang washer over',
        reason: `Then there is a stop ${turned(item.stop.backOffDegrees)}, which leaves ${both(item.stop.endPlay)}.`,
      }
    case 'FINER_RETAINER':
      return {
        move: `${item.slots}-slot retainer on a plain ${item.seats === 12 ? 'twelve-point' : 'hex'} nut`,
        reason:
          `It stops every ${degrees(item.degrees)} (${pair(item.travel)})` +
          (item.always
            ? ', so one always falls inside.'
            : ': the finest there is, though not always inside.'),
      }
  }
}

export const authorityWords = {
  MAKER: 'Maker’s figure',
  WORKSHOP: 'Workshop’s own rule',
  COMMON_PRACTICE: 'Common practice',
} as const

export const verdictWords: Record<Verdict, string> = {
  PRELOAD: 'preload: never',
  TOO_TIGHT: 'too tight',
  INSIDE: 'inside',
  USABLE: 'usable, at the loose end',
  TOO_LOOSE: 'too loose',
}
