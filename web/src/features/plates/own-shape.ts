import type { Schemas } from '$api/request'

/** Where on this wheel end a step's part sits. */
export interface OwnShape {
  section: Schemas['SectionView']
  parts: readonly Schemas['SectionPartView']['name'][]
  title: string
}

/** What of the section shows the step's first part; null where the section does not draw it. */
export function ownShape(
  step: Schemas['BenchStepView'],
  section: Schemas['SectionView'] | null,
): OwnShape | null {
  const move = step.moves[0]
  if (!move || !section) return null
  const parts = section.parts
    .map((part) => part.name)
    .filter((name) => (move.drawn as readonly string[]).includes(name))
  return parts.length === 0 ? null : { section, parts, title: `On this hub: ${move.words}` }
}
