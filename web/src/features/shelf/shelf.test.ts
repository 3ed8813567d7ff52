import { describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { orderText, Recall, Shelf, type Batch } from './shelf.svelte'

const batch: Batch = {
  id: 'b',
  batch: 'B-1',
  madeOn: '2025-03-01',
  keepsUntil: '2032-03-01',
  outdated: false,
  note: '',
  grease: '',
  history: '',
  onHand: 5,
}

describe('the shelf', () => {
  it('leaves it to the server what a count is off by', async () => {
    const asked = answerWith(() => json({ kinds: [], items: [] }))
    await new Shelf().count(batch, 3, 'two fell behind')
    expect(asked[0]?.path).toBe('/api/v1/shelf/batches/b/count')
    expect(asked[0]?.body).toMatchObject({ counted: 3, note: 'two fell behind' })
  })

  it('forgets what an earlier recall found when the next is refused', async () => {
    answerWith(() => json({ batches: [], fitted: [] }))
    const recall = new Recall()
    await recall.ask()
    expect(recall.found?.batches).toEqual([])
    answerWith(() => json({ errors: [{ field: 'batch', remedy: 'is missing' }] }, 422))
    await recall.ask()
    expect(recall.found).toBeNull()
    expect(recall.fieldError('batch')).toBe('is missing')
  })

  it('writes the order list as one would send it', () => {
    const line = { kind: 'SEAL' as const, designation: '45x62x8', price: 4, pieces: 2 }
    expect(
      orderText([
        { supplier: 'Quay Street', lines: [line], total: 8 },
        { supplier: '', lines: [{ ...line, pieces: 1 }], total: 4 },
      ]),
    ).toBe('Quay Street\n2 × 45x62x8\n\nNo supplier on record\n1 × 45x62x8')
  })
})
