import { describe, expect, it } from 'vitest'
import { answerWith } from '$testing/answers'
import { Feeds, MailDraft } from './reminders.svelte'

const kept = {
  version: 3,
  address: 'a@b.example',
  wanted: true,
  at: '07:30:00',
  quietFrom: '21:00:00',
  quietTo: '07:00:00',
  daysAhead: 14,
  standIn: true,
  sent: [],
}

describe('reminders', () => {
  it('keeps mail as it was read, and sends what was changed', async () => {
    answerWith(() => Response.json(kept))
    const mail = new MailDraft()
    await mail.load()
    expect(mail.at).toBe('07:30')
    mail.daysAhead = '30'
    expect(mail.toForm()).toEqual({
      version: 3,
      address: 'a@b.example',
      wanted: true,
      at: '07:30',
      quietFrom: '21:00',
      quietTo: '07:00',
      daysAhead: 30,
    })
  })

  it('shows a new address until it is ended', async () => {
    const feed = { id: 'one', name: 'telephone', createdAt: '2026-01-01T00:00:00Z' }
    answerWith((path) =>
      path.endsWith('/calendar-feeds')
        ? Response.json([feed])
        : Response.json({ ...feed, address: 'http://here/calendar/secret.ics' }),
    )
    const feeds = new Feeds()
    feeds.name = 'telephone'
    await feeds.make()
    expect(feeds.made?.address).toContain('secret')
    expect(feeds.name).toBe('')

    answerWith(() => Response.json([]))
    await feeds.end('one')
    expect(feeds.made).toBeNull()
    expect(feeds.list).toEqual([])
  })
})
