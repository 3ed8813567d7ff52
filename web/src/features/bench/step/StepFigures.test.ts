import { render, screen } from '@testing-library/svelte'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { answerWith, json } from '$testing/answers'
import { Bench } from '$features/bench/job'
import { session } from '$features/session'
import StepFigures from './StepFigures.svelte'

const signedIn = (role: Schemas['SignedInView']['role']): Schemas['SessionView'] => ({
  codeWanted: false,
  passkeyKnown: false,
  demo: false,
  demoAccounts: [],
  firstOwnerWanted: false,
  person: { id: 'p', name: 'Tobe', role },
})

const torque = (newtonMetres: number): Schemas['TorqueView'] => ({
  newtonMetres,
  poundForceFeet: newtonMetres / 1.3558,
  poundForceInches: newtonMetres / 0.11298,
})
const kept: Schemas['RungView'] = {
  kind: 'CALIPER_BOLT_TORQUE',
  words: 'caliper bolt torque',
  figures: [
    {
      authority: 'MAKER',
      source: 'manual, p. 3',
      value: { form: 'TORQUE', least: torque(35), most: torque(40) },
    },
  ],
  filed: [],
}

describe('what governs the bolts of a step', () => {
  beforeEach(() => {
    localStorage.clear()
    session.view = signedIn('MECHANIC')
  })

  it('shows the figure, and whose it is', () => {
    const bench = new Bench('j', () => true)
    bench.rungs = [kept]
    render(StepFigures, { bench, wheelEnd: 'end-1', kinds: ['CALIPER_BOLT_TORQUE'] })

    expect(screen.getByText('35 to 40 N·m')).toBeTruthy()
    expect(screen.getByText(/manual, p. 3/)).toBeTruthy()
  })

  it('keeps a figure nobody has written down yet, for the rig', async () => {
    const bench = new Bench('j', () => true)
    bench.rungs = [{ ...kept, figures: [] }]
    const asked = answerWith(() => json([kept]))
    render(StepFigures, { bench, wheelEnd: 'end-1', kinds: ['CALIPER_BOLT_TORQUE'] })

    await userEvent.click(screen.getByRole('button', { name: 'Keep the figure' }))
    await userEvent.type(screen.getByLabelText('From'), '35')
    await userEvent.type(screen.getByLabelText('To'), '40')
    await userEvent.type(screen.getByLabelText('Where it stands'), 'manual, p. 3')
    await userEvent.click(screen.getByRole('button', { name: 'File it' }))

    expect(await screen.findByText('35 to 40 N·m')).toBeTruthy()
    expect(asked.at(-1)?.path).toBe('/api/v1/wheel-ends/end-1/figures')
  })

  it('says to an apprentice whose keeping figures is', () => {
    session.view = signedIn('APPRENTICE')
    const bench = new Bench('j', () => true)
    bench.rungs = [{ ...kept, figures: [] }]
    render(StepFigures, { bench, wheelEnd: 'end-1', kinds: ['CALIPER_BOLT_TORQUE'] })

    expect(screen.getByText(/A mechanic keeps figures/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Keep the figure' })).toBeNull()
  })
})
