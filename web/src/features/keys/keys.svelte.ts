/** A key and what it does here. */
export interface KeyBinding {
  /** As `KeyboardEvent.key` names it; several keys may do the same. */
  keys: string[]
  /** Together with Ctrl, or with the command key. */
  ctrl?: boolean
  /** As the help lists it; one without words is not listed. */
  does: string
  run: () => void
}

/** A box to tick takes no letters. */
const ticks = (target: HTMLElement): boolean =>
  target instanceof HTMLInputElement && /^(checkbox|radio)$/.test(target.type)

/** Letters belong to what takes text, or finds its options by their first letters. */
const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) && !ticks(target)) ||
    target.closest('[role="combobox"], [role="listbox"]') !== null)

/** Where a number is typed the pedal says the same as everywhere; a line of words is finished first. */
const pedal = (event: KeyboardEvent): boolean =>
  /^Page(Up|Down)$/.test(event.key) &&
  event.target instanceof HTMLInputElement &&
  /^(decimal|numeric)$/.test(event.target.inputMode)

/** Space and Enter belong to whatever has the focus, if that is something to press. */
const pressing = (event: KeyboardEvent): boolean =>
  (event.key === ' ' || event.key === 'Enter') &&
  event.target instanceof HTMLElement &&
  event.target.closest('button, a, summary, input, [role="option"], [role="radio"]') !== null

/** The keys of the view on screen, over those of the whole product. */
class Keys {
  private layers = $state.raw<KeyBinding[][]>([])
  helpOpen = $state(false)

  /** What the keys do here, each key once: under the view on top a key of the whole product does nothing. */
  readonly listed: readonly KeyBinding[] = $derived.by(() => {
    const taken: string[] = []
    const fresh = (key: string, ctrl: boolean): boolean => {
      const name = `${ctrl ? 'ctrl ' : ''}${key.toLowerCase()}`
      if (taken.includes(name)) return false
      taken.push(name)
      return true
    }
    return this.layers
      .toReversed()
      .flat()
      .map((one) => ({ ...one, keys: one.keys.filter((key) => fresh(key, one.ctrl ?? false)) }))
      .filter((one) => one.does !== '' && one.keys.length > 0)
  })

  /** Adds a view's keys; returns what takes them away again. */
  add(bindings: KeyBinding[]): () => void {
    this.layers = [...this.layers, bindings]
    return () => {
      this.layers = this.layers.filter((layer) => layer !== bindings)
    }
  }

  handle(event: KeyboardEvent): void {
    if (event.altKey || (typing(event.target) && !pedal(event)) || pressing(event)) return
    const ctrl = event.ctrlKey || event.metaKey
    if (this.helpOpen && event.key !== '?') return
    // the view on top comes first
    for (const layer of this.layers.toReversed()) {
      const binding = layer.find((b) => b.keys.includes(event.key) && (b.ctrl ?? false) === ctrl)
      if (binding) {
        event.preventDefault()
        binding.run()
        return
      }
    }
  }
}

export const keys = new Keys()
