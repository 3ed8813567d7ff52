import type { Schemas } from '$api/request'

export type Role = Schemas['PersonView']['role']

/** Each role's name and what it may do. */
export const roleWords: Record<Role, { name: string; may: string }> = {
  OWNER: { name: 'owner', may: 'all the work, people and workshop rules' },
  MECHANIC: { name: 'mechanic', may: 'all the work; signs off what apprentices set' },
  APPRENTICE: { name: 'apprentice', may: 'works; a mechanic signs off settings and verdicts' },
}
