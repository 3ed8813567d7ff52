import type { Schemas } from '$api/request'
import type { MarkShape } from '$ui/mark'

/** The mark that goes with what a reading proves. */
export const decisionMarks: Record<Schemas['PlayFoundView']['decision'], MarkShape> = {
  INSIDE: 'good',
  TOO_LITTLE: 'outside',
  TOO_MUCH: 'outside',
  TOO_CLOSE: 'soon',
}
