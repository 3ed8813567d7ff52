import { beforeEach, describe, expect, it } from 'vitest'
import { answerWith, json } from '$testing/answers'
import { rememberHub } from '$features/display'
import { Fit } from './fit.svelte'

const length = { millimetres: 82, thousandths: 3228.35 }

describe('where the fit of a cup begins', () => {
  let meanwhile: (() => void) | null = null
  let knows = true

  beforeEach(() => {
    localStorage.clear()
    meanwhile = null
    knows = true
    answerWith((path) => {
      if (!path.endsWith('/aids')) return json({ status: 422, title: 'no', errors: [] }, 422)
      meanwhile?.()
      return knows
        ? json({ inboard: { set: 'LM67048/LM67010', hubOutside: length } })
        : json({ status: 404, title: 'gone', errors: [] }, 404)
    })
  })

  it('is the hub in hand last, even where its numbers are refused', async () => {
    rememberHub({ id: 'end', words: 'Boat tandem, left' })
    const fit = new Fit()
    await fit.begin(null, false)
    expect(fit.set).toBe('LM67048/LM67010')
    expect(fit.from).toMatchObject({ words: 'Boat tandem, left' })
  })

  it('is an example where there is none, or nothing is known of it', async () => {
    const fit = new Fit()
    await fit.begin(null, false)
    expect(fit.from).toBe('EXAMPLE')
    knows = false
    const other = new Fit()
    await other.begin('gone', false)
    expect(other.from).toBe('EXAMPLE')
  })

  it('is what somebody typed before any of that was there', async () => {
    const fit = new Fit()
    meanwhile = () => (fit.bore = '59.94')
    await fit.begin('end', false)
    expect(fit.set).toBe('')
    expect(fit.bore).toBe('59.94')
    expect(fit.from).toBe('OWN')
  })
})
