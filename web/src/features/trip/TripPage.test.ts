import { render, screen, within } from '@testing-library/svelte'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it } from 'vitest'
import { date } from '$features/display'
import { answerWith, json } from '$testing/answers'
import type { Advice, Plan } from './trip-plan.svelte'
import TripPage from './TripPage.svelte'

const nuts: Advice = {
  action: 'RETORQUE',
  authority: 'COMMON_PRACTICE',
  by: '100 km after the wheel was off',
  earliest: '2026-05-16',
  ends: [{ wheelEndId: 'end-1', name: 'front left' }],
  ifLate: 'the wheel comes off',
  likely: '2026-05-18',
  moved: true,
  when: 'ON_THE_WAY',
  whenWords: 'on the way, where help is',
  where: 'after the first day',
  why: 'it falls due on the road',
  without: '2026-06-30',
  words: 're-torque the wheel nuts',
}

const plan: Plan = {
  tripId: 'trip-1',
  rigId: 'rig-1',
  rigName: 'Test camper',
  name: 'Over the hills',
  note: '',
  state: 'PLANNED',
  from: '2026-05-16',
  to: '2026-05-20',
  km: 640,
  daysToGo: 2,
  ends: [{ wheelEndId: 'end-1', name: 'front left' }],
  legs: [{ to: 'The pass', on: '2026-05-16', km: 640, crossings: 1, dunkings: 0, noHelp: true }],
  stops: [
    { km: 20, on: '2026-05-16', where: 'The pass', why: 'first warm kilometres', done: true },
    { km: 150, on: '2026-05-16', where: 'The pass', why: 'fuel', done: false },
  ],
  good: false,
  doubts: [],
  advice: [nuts],
  carry: {
    bags: [],
    parts: [
      {
        kind: 'SEAL',
        kindWords: 'seal',
        words: 'seal 45 × 62 × 8',
        pieces: 1,
        onShelf: 0,
        missing: 1,
        why: ['to get home'],
      },
    ],
    tools: ['Torque wrench'],
    supplies: ['Rags'],
  },
}

describe('a trip', () => {
  beforeEach(() => {
    localStorage.clear()
  })

  it('says first whether anything is to be done before leaving', async () => {
    answerWith(() => json(plan))
    render(TripPage, { id: 'trip-1' })

    expect(
      await screen.findByRole('heading', {
        name: 'Nothing before you leave; something falls due on the way',
      }),
    ).toBeInTheDocument()
    expect(screen.getByText(/leaves in 2 days/)).toBeInTheDocument()
  })

  it('calls the hubs good only when the server does', async () => {
    const ends = [{ wheelEndId: 'end-1', name: 'front left' }]
    const doubt = {
      ends,
      doubt: 'NOT_SET' as const,
      words: 'nobody knows how the nut was left: set it and put it on record',
    }
    answerWith(() => json({ ...plan, advice: [], doubts: [doubt] }))
    const { unmount } = render(TripPage, { id: 'trip-1' })
    expect(
      await screen.findByRole('heading', { name: 'One thing to do before you leave' }),
    ).toBeInTheDocument()
    expect(screen.getByText(/nobody knows how the nut was left/)).toBeInTheDocument()
    unmount()

    answerWith(() => json({ ...plan, advice: [], good: true }))
    render(TripPage, { id: 'trip-1' })
    expect(
      await screen.findByRole('heading', { name: 'The hubs are good for this trip' }),
    ).toBeInTheDocument()
  })

  it('counts what is to be done and offers to begin there', async () => {
    answerWith(() => json({ ...plan, advice: [{ ...nuts, when: 'BEFORE_LEAVING' }, nuts] }))
    render(TripPage, { id: 'trip-1' })

    expect(
      await screen.findByRole('heading', { name: 'One thing to do before you leave' }),
    ).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'begin on the front left' })).toHaveAttribute(
      'href',
      '/wheel-ends/end-1/job',
    )
  })

  it('tells which date the trip itself moves, and what it would be without', async () => {
    answerWith(() => json(plan))
    render(TripPage, { id: 'trip-1' })

    const link = await screen.findByRole('link', { name: `without the trip ${date('2026-06-30')}` })
    expect(link).toHaveAttribute('href', '/rigs/rig-1/almanac')
  })

  it('says so where only the trip makes something due', async () => {
    const { without, ...only } = nuts
    expect(without).toBeDefined()
    answerWith(() => json({ ...plan, advice: [only] }))
    render(TripPage, { id: 'trip-1' })

    expect(await screen.findByRole('link', { name: 'only by this trip' })).toBeInTheDocument()
  })

  it('names what is missing on the shelf and keeps what is packed', async () => {
    answerWith(() => json(plan))
    const { unmount } = render(TripPage, { id: 'trip-1' })

    expect(await screen.findByText('1 missing')).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'Order before you go' })).toHaveAttribute(
      'href',
      '/shelf',
    )
    await userEvent.click(screen.getByRole('checkbox', { name: 'Torque wrench' }))
    expect(screen.getByText(/of 3 packed/)).toHaveTextContent('1 of 3 packed')

    unmount()
    render(TripPage, { id: 'trip-1' })
    expect(await screen.findByRole('checkbox', { name: 'Torque wrench' })).toBeChecked()
    expect(screen.getByRole('checkbox', { name: 'Rags' })).not.toBeChecked()
  })

  it('leads to the stop that comes next, behind those that were made', async () => {
    answerWith(() => json(plan))
    render(TripPage, { id: 'trip-1' })

    const stops = await screen.findByRole('region', { name: 'Where to feel the hubs' })
    expect(within(stops).getByRole('link', { name: /Log a stop/ })).toHaveTextContent(
      'next at 150 km',
    )
  })

  it('says where a trip is none of this workshop', async () => {
    answerWith(() =>
      json({ title: 'No such trip', detail: 'Go back to the almanac.', status: 404 }, 404),
    )
    render(TripPage, { id: 'trip-1' })

    expect(await screen.findByText('No such trip')).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'To the almanac' })).toHaveAttribute('href', '/almanac')
  })
})
