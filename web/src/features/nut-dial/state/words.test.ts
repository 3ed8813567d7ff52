import { beforeEach, describe, expect, it } from 'vitest'
import { display } from '$features/display'
import { boardCase, length, stop } from '$testing/answers'
import type { Lock } from './geometry'
import { because, locking, move, remedy, seated, turned, where } from './words'

const twoHoles: Lock = { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0, 90] }
const oneHole: Lock = { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0] }

beforeEach(() => {
  display.leading = 'metric'
})

describe('the sentence a mechanic reads', () => {
  it('says the move and the hole', () => {
    expect(move(boardCase, twoHoles)).toBe('Back off 17° and pin it through hole 2.')
  })

  it('leaves the hole out where there is only one', () => {
    expect(move(boardCase, oneHole)).toBe('Back off 17° and pin it.')
  })

  it('never sends anyone to a tighter slot when no stop is good', () => {
    const none = {
      ...boardCase,
      advice: { kind: 'NONE_GOOD' as const, remedies: [], measureAgain: false },
    }
    expect(move(none, twoHoles)).toBe('No stop is good here. Never go on to the next.')
    expect(because(none, twoHoles)[0]).toBe(
      'The first stop past the window, 47° back, leaves 0.237 mm (9.3 thou): too loose.',
    )
  })

  it('gives the end play in both units, the leading one first', () => {
    expect(because(boardCase, twoHoles)[0]).toContain('0.086 mm (3.4 thou)')
    display.leading = 'inch'
    expect(because(boardCase, twoHoles)[0]).toContain('3.4 thou (0.086 mm)')
  })

  it('warns of the slot that would be preload', () => {
    expect(because(boardCase, twoHoles).at(-1)).toContain('slot 13° tighter: that is preload')
  })

  it('calls for a reading after two nuts are locked', () => {
    const any = {
      ...boardCase,
      stops: [],
      advice: {
        kind: 'ANY_ANGLE' as const,
        remedies: [],
        suggestedDegrees: 15.12,
        measureAgain: true,
      },
    }
    expect(move(any, { kind: 'TWO_NUTS' })).toBe('Back off 15.1°, lock it, then measure.')
    expect(because(any, { kind: 'TWO_NUTS' })[1]).toContain(
      'only a reading taken after locking counts',
    )
  })

  it('says how the retainer is seated and which way', () => {
    const shifted = {
      ...stop(15, 0.076, 'INSIDE'),
      ways: [{ mark: 1, seatShift: -2, turnedOver: false }],
    }
    expect(seated(shifted)).toBe('retainer 2 seats tighter')
    expect(seated(stop(15, 0.076, 'INSIDE'))).toBe('')
  })

  it.each<[Lock, string]>([
    [{ kind: 'TANG_WASHER', flats: 6, marksDegrees: [0, 90] }, 'bend tang 2'],
    [{ kind: 'LOCK_PLATE', plateHoles: 15, ringHoles: 12, screws: 3 }, 'put the screws in'],
    [{ kind: 'STAKED_COLLAR' }, 'stake it'],
  ])('names how each lock goes in', (lock, words) => {
    expect(locking(stop(17, 0.08, 'INSIDE', 2), lock)).toBe(words)
  })

  it('names both holes where both meet', () => {
    expect(where(stop(17, 0.08, 'INSIDE', 1, 2), twoHoles)).toBe('hole 1 or 2')
  })

  it.each([
    [-13, '13° on'],
    [17.25, '17.3° back'],
    [0, 'here'],
  ])('turns %s into words', (angle, words) => expect(turned(angle)).toBe(words))
})

describe('a remedy', () => {
  it('says which washer', () => {
    const words = remedy({
      kind: 'OTHER_WASHER',
      thicker: true,
      stop: stop(40, 0.2016, 'TOO_LOOSE'),
      least: length(0.0746),
      most: length(0.1762),
      thinnest: length(3.0746),
      thickest: length(3.1762),
    })
    expect(words.move).toBe('Washer of 3.075 mm to 3.176 mm')
    expect(words.reason).toContain('0.075 mm to 0.176 mm thicker')
  })

  it('gives the change alone where the fitted washer was not measured', () => {
    expect(
      remedy({
        kind: 'OTHER_WASHER',
        thicker: false,
        stop: stop(40, 0.2, 'TOO_LOOSE'),
        least: length(0.1),
        most: length(0.2),
      }).move,
    ).toBe('Washer 0.100 mm to 0.200 mm thinner')
  })

  it('promises a stop only where one always falls inside', () => {
    const retainer = {
      kind: 'FINER_RETAINER' as const,
      slots: 8,
      seats: 6,
      degrees: 15,
      travel: length(0.0756),
    }
    expect(remedy({ ...retainer, always: true }).reason).toContain('so one always falls inside')
    expect(remedy({ ...retainer, always: false }).reason).toContain('though not always inside')
  })

  it('says how far zero would have to move, and what turning the washer over gives', () => {
    expect(
      remedy({
        kind: 'ZERO_AGAIN',
        looser: true,
        stop: stop(40, 0.2, 'TOO_LOOSE'),
        degrees: 1.8,
        least: length(0.009),
      }).reason,
    ).toContain('1.8° looser')
    expect(remedy({ kind: 'WASHER_OVER', stop: stop(10, 0.05, 'INSIDE') }).reason).toContain(
      '10° back',
    )
  })
})
