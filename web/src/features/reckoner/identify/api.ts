import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  studCircle: (body: Schemas['StudCircleForm']) =>
    dataOf(client.POST('/api/v1/stud-circle', { body })),
  readingHelp: (number: string) =>
    dataOf(client.GET('/api/v1/reading-help', { params: { query: { number } } })),
}
