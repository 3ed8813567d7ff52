import { beforeEach, describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { palette } from './palette.svelte'

describe('the palette', () => {
  beforeEach(() => palette.show())

  it('offers the rooms before anything is typed', () => {
    expect(palette.targets.map((target) => target.href)).toContain('/reckoner')
  })

  it('finds a reckoning by the beginnings of its words', () => {
    palette.typed = 'stu cir'
    expect(palette.targets.map((target) => target.label)).toEqual(['Stud circle'])
  })

  it('leads an owner to the yard of their rigs, and puts what was found first', async () => {
    answerWith(() =>
      json([
        { kind: 'OWNER', label: 'A & B', detail: 'owner of X', rigId: 'r', owner: 'A & B' },
        { kind: 'WHEEL_END', label: 'X, left', detail: '', rigId: 'r', wheelEndId: 'w' },
      ]),
    )
    palette.typed = 'what'
    await palette.ask()
    expect(palette.targets.slice(0, 2).map((target) => target.href)).toEqual([
      '/?owner=A%20%26%20B',
      '/wheel-ends/w',
    ])
  })

  it('leads a batch to the shelf', async () => {
    answerWith(() => json([{ kind: 'BATCH', label: 'B 7', detail: '', batch: 'B 7' }]))
    palette.typed = 'b 7'
    await palette.ask()
    expect(palette.targets[0]?.href).toBe('/shelf?batch=B%207')
  })

  it('forgets an answer that comes after a later one', async () => {
    let first: (response: Response) => void = () => {}
    answerWith((path) =>
      path === '/api/v1/palette' && palette.typed === 'a'
        ? new Promise<Response>((answer) => (first = answer))
        : json([{ kind: 'RIG', label: 'Late', detail: '', rigId: 'late' }]),
    )
    palette.typed = 'a'
    const early = palette.ask()
    palette.typed = 'ab'
    await palette.ask()
    first(json([{ kind: 'RIG', label: 'Early', detail: '', rigId: 'early' }]))
    await early
    expect(palette.targets[0]?.label).toBe('Late')
  })
})
