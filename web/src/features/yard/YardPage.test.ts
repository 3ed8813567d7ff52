import { render, screen } from '@testing-library/svelte'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { answerWith, json } from '$testing/answers'
import YardPage from './YardPage.svelte'

const left: Schemas['StandingView'] = {
  id: 'end-1',
  position: 'left',
  axle: '',
  side: 'LEFT',
  state: 'OVERDUE',
  stateWords: 'past due',
  daysLeft: -47,
  intervalAuthority: 'COMMON_PRACTICE',
  dueBy: 'every 12 months',
  intervalSource: 'common practice',
}
const right: Schemas['StandingView'] = {
  ...left,
  id: 'end-2',
  position: 'right',
  side: 'RIGHT',
  state: 'FINE',
  daysLeft: 90,
}

const yard: Schemas['YardView'] = {
  workshop: 'Test workshop',
  today: '2026-05-14',
  isWhole: true,
  rigs: [
    {
      id: 'rig-1',
      yardNumber: 2,
      kind: 'CAMPER',
      name: 'Long camper',
      plate: 'OT 230-C',
      ownerName: 'Somebody',
      lengthMillimetres: 5900,
      widthMillimetres: 2300,
      drawbarMillimetres: 1250,
      axles: [
        {
          position: 1,
          fromFrontMillimetres: 3500,
          trackMillimetres: 2050,
          wheelEnds: [left, right],
        },
      ],
    },
  ],
  next: [
    { rigId: 'rig-1', rigName: 'Long camper', state: 'OVERDUE', wheelEndIds: ['end-1'] },
    { rigId: 'rig-1', rigName: 'Long camper', state: 'FINE', wheelEndIds: ['end-2'] },
  ],
}

describe('the yard', () => {
  it('names the worst wheel end first, and begins its job or opens it', async () => {
    answerWith(() => json(yard))
    render(YardPage)

    expect(await screen.findByRole('heading', { name: 'Long camper, left' })).toBeInTheDocument()
    expect(screen.getByRole('link', { name: /Open the wheel end/ })).toHaveAttribute(
      'href',
      '/wheel-ends/end-1',
    )
    expect(screen.getByRole('link', { name: /Begin a job on the rig/ })).toHaveAttribute(
      'href',
      '/rigs/rig-1/job',
    )
    expect(screen.getByText(/47 days past due/)).toBeInTheDocument()
  })

  it('marks every wheel end with its state in words', async () => {
    answerWith(() => json(yard))
    render(YardPage)

    expect(
      await screen.findByRole('link', { name: 'Long camper, left: overdue' }),
    ).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'Long camper, right: fine' })).toBeInTheDocument()
  })

  it('says what to do when there is nothing in it', async () => {
    answerWith(() => json({ ...yard, rigs: [], next: [] }))
    render(YardPage)

    expect(await screen.findByRole('heading', { name: 'The yard is empty' })).toBeInTheDocument()
    expect(screen.getByRole('link', { name: /Enter a rig/ })).toHaveAttribute('href', '/rigs/new')
  })

  it('says when the database is out of reach and offers another try', async () => {
    answerWith(() =>
      json({ title: 'Database out of reach', detail: 'Wait a moment.', status: 503 }, 503),
    )
    render(YardPage)

    expect(await screen.findByRole('alert')).toHaveTextContent('Database out of reach')
    expect(screen.getByRole('button', { name: 'Try again' })).toBeInTheDocument()
  })
})
