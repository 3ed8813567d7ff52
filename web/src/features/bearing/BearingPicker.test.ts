import { render, screen } from '@testing-library/svelte'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '$api/request'
import { answerWith, json, length } from '$testing/answers'
import BearingPicker from './BearingPicker.svelte'

const set = (cup: string): Schemas['SetView'] => ({
  designation: `L68149/${cup}`,
  cone: 'L68149',
  cup,
  bore: length(34.988),
  outsideDiameter: length(cup === 'L68110' ? 59.131 : 59.975),
  width: length(15.875),
  coneWidth: length(16.764),
  cupWidth: length(11.938),
  e: 0.42,
  confidence: 'HIGH',
  source: 'ABMA 19.2',
})

describe('a bearing to be picked', () => {
  beforeEach(() => {
    localStorage.clear()
  })

  it('offers the cups a cone runs in, and takes the one that is touched', async () => {
    const read: Schemas['WrittenView'] = {
      kind: 'CONE',
      words: 'a cone alone: which cup does it run in?',
      sets: [set('L68110'), set('L68111')],
    }
    const asked = answerWith(() => json(read))
    const onchange = vi.fn()
    render(BearingPicker, { label: 'Inboard bearing', value: 'L68149', onchange })

    await userEvent.click(await screen.findByRole('button', { name: /L68149\/L68111/ }))

    expect(asked[0]?.path).toBe('/api/v1/bearing-sets/read')
    expect(onchange).toHaveBeenCalledWith('L68149/L68111')
  })

  it('says of a number nobody has sizes of that nothing is worked out from it', async () => {
    answerWith(() => json({ kind: 'NOT_ON_FILE', words: 'not on file: kept as read', sets: [] }))
    render(BearingPicker, { label: 'Inboard bearing', value: 'ZZ1/ZZ2', onchange: vi.fn() })

    expect((await screen.findByRole('status')).textContent).toContain('not on file')
  })

  it('goes back to not read yet', async () => {
    answerWith(() => json({ kind: 'SET', words: 'on file', sets: [set('L68111')] }))
    const onchange = vi.fn()
    const { rerender } = render(BearingPicker, {
      label: 'Inboard bearing',
      value: 'L68149/L68111',
      onchange,
    })

    await userEvent.click(await screen.findByRole('button', { name: 'Not read yet' }))

    expect(onchange).toHaveBeenCalledWith('')
    await rerender({ value: '' })
    expect(screen.getByLabelText<HTMLInputElement>('Inboard bearing').value).toBe('')
    expect(screen.queryByRole('button', { name: 'Not read yet' })).toBeNull()
  })
})
