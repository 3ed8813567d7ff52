/** One of the two places of a hub. */
export type BearingPlace = 'INBOARD_BEARING' | 'OUTBOARD_BEARING'

/** Cone and cup from "L68149/L68111" or, for a metric set, "32007X"; null where nothing is written. */
export function rings(text: string): { cone: string; cup: string } | null {
  const [cone, cup] = text.trim().split('/')
  if (!cone) return null
  return { cone: cone.trim(), cup: (cup ?? cone).trim() }
}

/** The place an address asks for; null where it asks for none. */
export const placeOfQuery = (query: URLSearchParams, name: string): BearingPlace | null => {
  const place = query.get(name)
  return place === 'INBOARD_BEARING' || place === 'OUTBOARD_BEARING' ? place : null
}
