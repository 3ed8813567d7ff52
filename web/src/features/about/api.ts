import { client, dataOf } from '$api/request'

/** A part of others in the pages, as the build wrote it down; without an identifier its text says what it is under. */
interface PagePart {
  name: string
  version: string
  identifier?: string | null
  text?: string
}

export const api = {
  about: () => dataOf(client.GET('/api/v1/about')),
  partsOfThePage: async (): Promise<PagePart[]> => {
    const written = await fetch('/third-party.json')
    return written.ok ? ((await written.json()) as PagePart[]) : []
  },
}
