/** Shapes of the marks, named by what they say. */
export type MarkShape = 'good' | 'soon' | 'overdue' | 'never' | 'outside' | 'unknown' | 'signOff'
