/** Shapes of the marks, named by what they say. */
export type MarkShape =
  'renew' | 'inHand' | 'good' | 'soon' | 'overdue' | 'never' | 'outside' | 'unknown' | 'signOff'
