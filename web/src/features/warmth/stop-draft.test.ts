import { beforeEach, describe, expect, it } from 'vitest'
import { answerWith } from '$testing/answers'
import { StopDraft } from './stop-draft.svelte'

describe('a stop at the roadside', () => {
  beforeEach(() => {
    localStorage.clear()
  })

  it('sends what was felt, or what a thermometer showed', () => {
    const draft = new StopDraft('rig', { tripId: 'trip', tripKm: 15.2 })
    draft.feel('left', 'HOT')
    draft.read('right', '41,5')
    draft.day = '18'
    expect(draft.toForm()).toMatchObject({
      tripId: 'trip',
      tripKm: 15,
      dayCelsius: 18,
      hubs: [{ wheelEndId: 'left', touch: 'HOT' }],
    })
    draft.by = 'thermometer'
    expect(draft.toForm().hubs).toEqual([{ wheelEndId: 'right', celsius: 41.5 }])
  })

  it('is kept on the device until the server has it', async () => {
    const draft = new StopDraft('rig', null)
    draft.feel('left', 'WARM')
    answerWith(() => {
      throw new TypeError('no network')
    })
    expect(await draft.send()).toBeNull()

    const again = new StopDraft('rig', null)
    expect(again.id).toBe(draft.id)
    expect(again.touches).toEqual({ left: 'WARM' })

    answerWith(() => Response.json({ rigId: 'rig', hubs: [] }))
    expect(await again.send()).not.toBeNull()
    expect(new StopDraft('rig', null).touches).toEqual({})
  })
})
