import type { Schemas } from '$api/request'
import type { MarkShape } from '$ui/mark'

type Stop = Schemas['StopView']

export interface StopMark {
  stop: Stop
  index: number
  shape: MarkShape
  /** Steps outward, so that marks close together do not cover each other. */
  tier: 0 | 1
  /** Whether it is drawn whole; the rest are dots. */
  whole: boolean
}

export const shapeOf: Record<Stop['verdict'], MarkShape> = {
  PRELOAD: 'never',
  TOO_TIGHT: 'outside',
  INSIDE: 'good',
  USABLE: 'soon',
  TOO_LOOSE: 'outside',
}

const CLOSE_DEGREES = 11
const SHOWN_DEGREES = 150

/** Marks round the rim: whole where the mechanic must choose or beware, dots further on. */
export function stopMarks(stops: Stop[], chosen: number): StopMark[] {
  const firstLoose = stops.findIndex((stop) => stop.verdict === 'TOO_LOOSE')
  const marks: StopMark[] = []
  stops.forEach((stop, index) => {
    if (stop.backOffDegrees > SHOWN_DEGREES) return
    const whole = index === chosen || stop.verdict !== 'TOO_LOOSE' || index === firstLoose
    const before = marks.findLast((mark) => mark.whole)
    const close =
      before !== undefined && stop.backOffDegrees - before.stop.backOffDegrees < CLOSE_DEGREES
    marks.push({
      stop,
      index,
      shape: shapeOf[stop.verdict],
      tier: whole && close && before.tier === 0 ? 1 : 0,
      whole,
    })
  })
  return marks
}
