import { render, screen } from '@testing-library/svelte'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import { answerWith, json } from '$testing/answers'
import PastJobs from './PastJobs.svelte'

const job = (more: Partial<Schemas['PastJobView']>): Schemas['PastJobView'] => ({
  id: 'job-1',
  rigJobId: more.id ?? 'job-1',
  wheelEndId: 'end-1',
  position: 'left',
  scopeWords: 'inspect and repack',
  state: 'CLOSED',
  closedAt: '2026-03-01T10:00:00Z',
  ...more,
})

describe('jobs that are over', () => {
  it('leads to the job and its sheet; one that was given up has no sheet', async () => {
    answerWith(() => json([job({}), job({ id: 'job-2', state: 'ABANDONED' })]))
    render(PastJobs, { rigId: 'rig-1' })

    const links = await screen.findAllByRole('link', { name: /inspect and repack, left/ })
    expect(links.map((link) => link.getAttribute('href'))).toEqual([
      '/bench/job-1',
      '/api/v1/jobs/job-1/service-sheet.pdf',
      '/bench/job-2',
    ])
    expect(screen.getByText(/given up/)).toBeTruthy()
  })

  it('shows hubs that were done together as one job, with one sheet', async () => {
    const together = { rigJobId: 'rig-job' }
    answerWith(() =>
      json([
        job({ ...together }),
        job({ ...together, id: 'job-2', position: 'right' }),
        job({ id: 'before' }),
      ]),
    )
    render(PastJobs, { rigId: 'rig-1' })

    const sheets = await screen.findAllByRole('link', { name: /^Service sheet/ })
    expect(sheets.map((link) => link.getAttribute('href'))).toEqual([
      '/api/v1/jobs/job-1/sheet-of-all-hubs.pdf',
      '/api/v1/jobs/before/service-sheet.pdf',
    ])
    expect(screen.getByRole('link', { name: 'right' }).getAttribute('href')).toBe('/bench/job-2')
  })

  it('says so where none is', async () => {
    answerWith(() => json([]))
    render(PastJobs, { wheelEndId: 'end-1' })

    expect(await screen.findByText('None is over yet.')).toBeTruthy()
  })
})
