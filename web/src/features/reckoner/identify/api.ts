import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  studCircle: (body: Schemas['StudCircleForm']) =>
    dataOf(client.POST('/api/stud-circle', { body })),
  readingHelp: (number: string) =>
    dataOf(client.GET('/api/reading-help', { params: { query: { number } } })),
}
