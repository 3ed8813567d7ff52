import { render, screen } from '@testing-library/svelte'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '$api/request'
import WheelStar from './WheelStar.svelte'

/** Five studs on their circle, the first at the top; every second one next is common practice. */
const five: Schemas['WheelNutsView'] = {
  studs: [1, 2, 3, 4, 5].map((number) => ({
    number,
    right: Math.sin(((number - 1) * 2 * Math.PI) / 5),
    up: Math.cos(((number - 1) * 2 * Math.PI) / 5),
  })),
  order: [1, 3, 5, 2, 4],
  seats: [],
  stages: [],
  strengths: [],
}

const turns = (container: HTMLElement): (string | null)[] =>
  [...container.querySelectorAll('text')].map((text) => text.textContent.trim())

describe('the star of wheel nuts', () => {
  it('is told in words too', () => {
    render(WheelStar, { nuts: five })

    expect(
      screen.getByRole('img', { name: '5 nuts, in this order: 1, 3, 5, 2, 4' }),
    ).toBeInTheDocument()
  })

  it('numbers every nut by its turn', () => {
    const { container } = render(WheelStar, { nuts: five })

    expect(turns(container)).toEqual(expect.arrayContaining(['1', '2', '3', '4', '5']))
  })

  it('goes round where the last pass is no star', () => {
    render(WheelStar, { nuts: five, inTheStar: false })

    expect(
      screen.getByRole('img', { name: '5 nuts, in this order: 1, 2, 3, 4, 5' }),
    ).toBeInTheDocument()
  })

  it('draws a star that crosses the wheel and never goes to a neighbour', () => {
    const { container } = render(WheelStar, { nuts: five })

    const corners = (container.querySelector('path')?.getAttribute('d') ?? '')
      .slice(1)
      .split('L')
      .map((corner) => corner.split(' ').map(Number))
    const side = 2 * 76 * Math.sin(Math.PI / 5)
    const steps = corners
      .slice(1)
      .map(([x, y], i) =>
        Math.hypot((x ?? 0) - (corners[i]?.[0] ?? 0), (y ?? 0) - (corners[i]?.[1] ?? 0)),
      )
    expect(steps).toHaveLength(4)
    for (const step of steps) expect(step).toBeGreaterThan(side * 1.3)
  })
})
