import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { outbox } from '$features/outbox'
import { answerWith, boardCase, json } from '$testing/answers'
import { NutDial } from '$features/nut-dial/state'
import { SettingEntry } from './save-setting.svelte'

const lost = {
  status: 503,
  title: 'Database out of reach',
  detail: 'Nothing was saved. Your entry is still here: wait a moment and save again.',
}

async function lockedDial(): Promise<NutDial> {
  const dial = new NutDial({
    thread: { threadsPerInch: 14, nominalDiameterMillimetres: 25.4, hand: 'RIGHT' },
    lock: { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0, 90] },
    figures: [],
    procedure: 'SEAT_AND_FINGER_TIGHT',
  })
  dial.turnTo(-13)
  await new Promise((resolve) => setTimeout(resolve, 5))
  dial.backedOff = true
  return dial
}

describe('a setting put on record', () => {
  beforeEach(() => localStorage.clear())

  it('keeps its entry and its id when the database is lost, so that the retry is the same setting', async () => {
    let up = false
    const seen = answerWith((path) =>
      path === '/api/v1/nut-calculations'
        ? json(boardCase)
        : up
          ? json({ id: 'kept' }, 201)
          : json(lost, 503),
    )
    const entry = new SettingEntry('some-end', await lockedDial())
    entry.play.typed = '0.08'

    const saved = entry.save()
    await vi.waitFor(() => expect(outbox.problem?.status).toBe(503))
    expect(entry.saving).toBe(true)
    expect(outbox.of('some-end').map((one) => one.what)).toEqual(['the setting of the nut'])
    up = true
    await outbox.send()
    expect(await saved).toBe(true)
    expect(entry.saved).toEqual({ id: 'kept' })

    const [first, second] = seen.filter((request) => request.path.endsWith('/nut-settings'))
    expect(second?.body).toEqual(first?.body)
    expect((first?.body as { id: string }).id).toMatch(/^[0-9a-f-]{36}$/)
  })

  it('tells the field what the server would take', async () => {
    answerWith((path) =>
      path === '/api/v1/nut-calculations'
        ? json(boardCase)
        : json(
            {
              title: 'Not possible',
              detail: 'x',
              errors: [{ field: 'note', remedy: 'needs a reason' }],
            },
            422,
          ),
    )
    const entry = new SettingEntry('some-end', await lockedDial())
    await entry.save()

    expect(entry.fieldError('note')).toBe('needs a reason')
    expect(entry.fieldError('measuredEndPlay')).toBe('')
  })

  it('does not send a reading that is no number', async () => {
    const seen = answerWith(() => json(boardCase))
    const entry = new SettingEntry('some-end', await lockedDial())
    entry.play.typed = 'tight'

    expect(await entry.save()).toBe(false)
    expect(entry.play.typed).toBe('tight')
    expect(seen.some((request) => request.path.endsWith('/nut-settings'))).toBe(false)
  })
})
