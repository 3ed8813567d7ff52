import { render, screen } from '@testing-library/svelte'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '$api/request'
import JobChoices from './JobChoices.svelte'

const brings: Schemas['ChoiceAskedView'] = {
  kind: 'HUB_BRINGS',
  name: 'hubBrings',
  words: 'What the new hub brings',
  now: 'BEARINGS',
  values: [{ value: 'BEARINGS', words: 'cups in, bearings loose with it' }],
}
const packing: Schemas['ChoiceAskedView'] = {
  kind: 'PACKING',
  name: 'packing',
  words: 'Cones packed',
  now: 'BY_HAND',
  values: [{ value: 'BY_HAND', words: 'in the palm' }],
}

describe('the choices of a job', () => {
  it('asks what a new hub brings before anything else', () => {
    render(JobChoices, { asked: [packing, brings], onchoose: vi.fn() })

    expect(screen.getByLabelText('What the new hub brings').closest('details')).toBeNull()
    expect(screen.getByText('Done in another way?')).toBeTruthy()
  })

  it('asks nothing where nothing is to choose', () => {
    render(JobChoices, { asked: [], onchoose: vi.fn() })

    expect(screen.queryByText('Done in another way?')).toBeNull()
  })
})
