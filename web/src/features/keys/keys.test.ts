import { afterEach, describe, expect, it, vi } from 'vitest'
import { keys } from './keys.svelte'

const press = (
  key: string,
  target: Element = document.body,
  init: KeyboardEventInit = {},
): KeyboardEvent => {
  const event = new KeyboardEvent('keydown', { key, cancelable: true, bubbles: true, ...init })
  Object.defineProperty(event, 'target', { value: target })
  keys.handle(event)
  return event
}

describe('keys', () => {
  const added: (() => void)[] = []
  afterEach(() => added.splice(0).forEach((remove) => remove()))

  const bind = (key: string): ReturnType<typeof vi.fn> => {
    const run = vi.fn()
    added.push(keys.add([{ keys: [key], does: `test ${key}`, run }]))
    return run
  }

  it('with Ctrl are others than without', () => {
    const plain = bind('z')
    const undo = vi.fn()
    added.push(keys.add([{ keys: ['z'], ctrl: true, does: '', run: undo }]))

    press('z', document.body, { ctrlKey: true })
    expect(undo).toHaveBeenCalledOnce()
    expect(plain).not.toHaveBeenCalled()
    press('z')
    expect(plain).toHaveBeenCalledOnce()
    expect(undo).toHaveBeenCalledOnce()
  })

  it('run what the view on top binds', () => {
    const below = bind('u')
    const top = bind('u')
    expect(press('u').defaultPrevented).toBe(true)
    expect(top).toHaveBeenCalledOnce()
    expect(below).not.toHaveBeenCalled()
  })

  it('are listed once each, by what they do on top', () => {
    added.push(
      keys.add([
        { keys: ['u', 'U'], does: 'the units', run: vi.fn() },
        { keys: ['t', 'T'], does: 'day or lamp', run: vi.fn() },
      ]),
    )
    added.push(
      keys.add([
        { keys: ['u', 'U'], does: 'here something else', run: vi.fn() },
        { keys: ['7'], does: '', run: vi.fn() },
      ]),
    )

    expect(keys.listed.map(({ does, keys }) => `${does}: ${keys.join(' ')}`)).toEqual([
      'here something else: u',
      'day or lamp: t',
    ])
  })

  it('leave typing alone', () => {
    const run = bind('u')
    press('u', document.createElement('input'))
    press('u', document.createElement('textarea'))
    const chooser = document.createElement('button')
    chooser.setAttribute('role', 'combobox')
    press('u', chooser)
    expect(run).not.toHaveBeenCalled()
  })

  it('leave the pedal what it is while a number is typed', () => {
    const run = bind('PageDown')
    press('PageDown', document.createElement('textarea'))
    press('PageDown', document.createElement('input'))
    expect(run, 'a note is finished first').not.toHaveBeenCalled()
    const number = document.createElement('input')
    number.inputMode = 'decimal'
    press('PageDown', number)
    expect(run).toHaveBeenCalledOnce()
  })

  it('leave Space to a focused button and keys with Control to the browser', () => {
    const run = bind(' ')
    press(' ', document.createElement('button'))
    press(' ', document.body, { ctrlKey: true })
    expect(run).not.toHaveBeenCalled()
    press(' ')
    expect(run).toHaveBeenCalledOnce()
  })

  it('are gone with their view', () => {
    const run = vi.fn()
    keys.add([{ keys: ['x'], does: 'x', run }])()
    press('x')
    expect(run).not.toHaveBeenCalled()
  })
})
