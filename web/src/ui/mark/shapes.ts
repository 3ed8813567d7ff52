/** Shapes of the marks, named by what they say. */
export type MarkShape =
  | 'renew'
  | 'inHand'
  | 'jobOpen'
  | 'good'
  | 'soon'
  | 'overdue'
  | 'never'
  | 'outside'
  | 'unknown'
  | 'signOff'
