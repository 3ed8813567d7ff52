import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { Road } from './road.svelte'

describe('the road a setting is charted for', () => {
  it('sends its numbers with their units', async () => {
    const asked = answerWith(() => json({ points: [] }))
    const road = new Road('w')
    road.metric = false
    road.load = '1750'
    road.radius = '13,5'
    await road.ask()
    expect(asked[0]?.body).toMatchObject({
      wheelLoad: { number: 1750, unit: 'POUND' },
      rollingRadius: { number: 13.5, unit: 'INCH' },
    })
  })

  it('asks nothing while one of them is no number', async () => {
    const asked = answerWith(() => json({ points: [] }))
    const road = new Road('w')
    road.speed = 'fast'
    await road.ask()
    expect(asked).toHaveLength(0)
  })

  it('forgets a chart that comes after a later one', async () => {
    let late: (response: Response) => void = () => {}
    let first = true
    answerWith(() => {
      if (!first) return json({ source: 'later' })
      first = false
      return new Promise<Response>((answer) => (late = answer))
    })
    const road = new Road('w')
    const early = road.ask()
    await road.ask()
    late(json({ source: 'earlier' }))
    await early
    expect(road.chart?.source).toBe('later')
  })
})
