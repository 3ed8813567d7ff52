import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'

export type Person = Schemas['PersonView']

/** The people of the workshop, and the entry that is being made about one of them. */
export class People extends Attempt {
  all = $state.raw<Person[]>([])

  async load(): Promise<void> {
    await this.run(async () => {
      this.all = await api.people()
    })
  }

  /** True when it was saved; the entry is to be kept otherwise. */
  add(form: Schemas['NewPersonForm']): Promise<boolean> {
    return this.run(async () => {
      await api.addPerson(form)
      this.all = await api.people()
    })
  }

  change(person: Person, changed: Partial<Schemas['PersonForm']>): Promise<boolean> {
    const { name, role, active, version } = person
    return this.run(async () => {
      await api.changePerson(person.id, { name, role, active, version, ...changed })
      this.all = await api.people()
    })
  }

  /** `current`: the password of whoever sits here, as it is now. */
  setPassword(id: string, current: string, password: string): Promise<boolean> {
    return this.run(() => api.setPassword(id, { current, password }))
  }
}
