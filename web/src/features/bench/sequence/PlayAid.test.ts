import { render, screen } from '@testing-library/svelte'
import userEvent from '@testing-library/user-event'
import { tick } from 'svelte'
import { beforeEach, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { Bench } from '$features/bench/job'
import { answerWith, json } from '$testing/answers'
import PlayAid from './PlayAid.svelte'

const job = (): Schemas['JobView'] =>
  ({ hub: { wheelEndId: 'end-1' }, walk: {} }) as unknown as Schemas['JobView']

beforeEach(() => {
  localStorage.clear()
})

it('keeps its readings when the job is looked at again', async () => {
  answerWith((path) => (path === '/api/v1/instruments' ? json([]) : json({}, 503)))
  const bench = new Bench('j', () => true)
  bench.job = job()
  render(PlayAid, { bench })
  await userEvent.type(screen.getByLabelText(/One reading/), '0.05{Enter}')
  expect(await screen.findByLabelText('Take reading 0.05 mm away')).toBeTruthy()

  bench.job = job()
  await tick()

  expect(screen.getByLabelText('Take reading 0.05 mm away')).toBeTruthy()
})
