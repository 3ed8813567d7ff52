import { render, screen } from '@testing-library/svelte'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '$api/request'
import JobChoices from './JobChoices.svelte'

const usual: Schemas['Choices'] = {
  cleaning: 'SOLVENT',
  reuse: 'WHAT_PASSES',
  races: 'DRIVEN',
  inboardCone: 'LEVERED',
  packing: 'BY_HAND',
  capFill: 'FILM',
  cupRemoval: 'DRIFTED',
  hubBrings: 'BEARINGS',
}
const asked: Schemas['ChoiceAskedView'][] = [
  {
    name: 'hubBrings',
    words: 'What the new hub brings',
    values: [{ value: 'BEARINGS', words: 'cups in, bearings loose with it' }],
  },
  { name: 'packing', words: 'Cones packed', values: [{ value: 'BY_HAND', words: 'in the palm' }] },
]

describe('the choices of a job', () => {
  it.each([
    ['EXCHANGE', true],
    ['FIRST_BUILD', true],
    ['REPACK', false],
  ] as const)('asks what a new hub brings only where there is one: %s', (scope, newHub) => {
    render(JobChoices, { asked, choices: usual, scope, onchoose: vi.fn() })

    expect(screen.queryByLabelText('What the new hub brings') !== null).toBe(newHub)
    expect(screen.getByText('Done in another way?')).toBeTruthy()
  })

  it('asks nothing where nothing is opened', () => {
    render(JobChoices, { asked, choices: usual, scope: 'ADJUST', onchoose: vi.fn() })

    expect(screen.queryByText('Done in another way?')).toBeNull()
  })
})
