import { faces } from './faces'
import { hub } from './hub'
import { rings } from './rings'

export const drawings = { ...hub, ...rings, ...faces }

export type DrawingId = keyof typeof drawings
