import { client, dataOf, type Schemas } from '$api/request'

export const api = {
  calendarFeeds: () => dataOf(client.GET('/api/v1/calendar-feeds')),
  makeCalendarFeed: (id: string, body: Schemas['FeedForm']) =>
    dataOf(client.PUT('/api/v1/calendar-feeds/{id}', { params: { path: { id } }, body })),
  endCalendarFeed: (id: string) =>
    dataOf(client.DELETE('/api/v1/calendar-feeds/{id}', { params: { path: { id } } })),
  mailReminder: () => dataOf(client.GET('/api/v1/mail-reminder')),
  putMailReminder: (body: Schemas['MailForm']) =>
    dataOf(client.PUT('/api/v1/mail-reminder', { body })),
  mailCode: () => dataOf(client.POST('/api/v1/mail-reminder/code')),
  confirmMail: (code: string) =>
    dataOf(client.POST('/api/v1/mail-reminder/confirmed', { body: { code } })),
  mailNow: () => dataOf(client.POST('/api/v1/mail-reminder/now')),
}
