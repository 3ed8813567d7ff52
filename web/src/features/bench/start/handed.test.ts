import { describe, expect, it } from 'vitest'
import { readHanded, sheetAddress } from './handed'

describe('a plan that is handed on', () => {
  it('is read as it was written', () => {
    const query = new URLSearchParams('scope=RENEW&hubs=a,b&ways=PACKING.PACKER,WHEEL.STAYS')

    expect(readHanded(query)).toEqual({
      scope: 'RENEW',
      hubs: ['a', 'b'],
      ways: [
        { kind: 'PACKING', value: 'PACKER' },
        { kind: 'WHEEL', value: 'STAYS' },
      ],
    })
  })

  it('leaves out what makes no sense', () => {
    expect(readHanded(new URLSearchParams('scope=SWIM&ways=PACKING'))).toEqual({
      hubs: [],
      ways: [],
    })
  })

  it('names hubs and ways only where they are not all and the usual ones', () => {
    expect(sheetAddress('r', 'pdf', { scope: 'REPACK', hubs: [], ways: [] })).toBe(
      '/api/v1/rigs/r/plan-sheet.pdf?scope=REPACK',
    )
    expect(
      sheetAddress('r', 'svg', {
        scope: 'REPACK',
        hubs: ['a'],
        ways: [{ kind: 'PACKING', value: 'PACKER' }],
      }),
    ).toBe('/api/v1/rigs/r/plan-sheet.svg?scope=REPACK&wheelEndIds=a&ways=PACKING.PACKER')
  })
})
