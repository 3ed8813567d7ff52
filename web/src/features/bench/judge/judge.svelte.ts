import type { Schemas } from '$api/request'
import type { Bench, Item } from '$features/bench/job'

export type Mode = Schemas['DamageModeView']
export type Finding = Schemas['FindingForm']

/** Findings on one item, as they are being ticked. */
export class JudgeEntry {
  findings = $state<Finding[]>([])
  cleaned = $state(false)
  by = $state<Finding['noticedBy'][]>([])
  noisy = $state(false)
  overruled = $state<'' | 'REUSE' | 'RENEW'>('')
  reason = $state('')
  /** Whether what is seen is being named. */
  closer = $state(false)
  /** Whether it is to be scrapped by a mechanic's own word. */
  scrapping = $state(false)
  /** The mode whose place is being asked for. */
  mode = $state.raw<Mode | null>(null)

  readonly isBearing: boolean

  constructor(
    private readonly bench: Bench,
    readonly item: Item,
    private readonly reference: Schemas['BenchReferenceView'],
  ) {
    this.isBearing = item === 'INBOARD_BEARING' || item === 'OUTBOARD_BEARING'
    const earlier = bench.judging
    if (!earlier) return
    this.closer = true
    this.findings = earlier.findings.map(({ mode, spot, extent, noticedBy }) => ({
      mode,
      spot,
      extent,
      noticedBy,
    }))
    if (earlier.looked) {
      this.cleaned = earlier.looked.cleaned
      this.by = [...earlier.looked.by]
      this.noisy = earlier.looked.noisy
    }
  }

  /** Spots of this item. */
  private readonly spots = $derived.by(() => {
    const wanted = this.isBearing ? 'BEARING' : this.item
    return this.reference.spots.filter((one) => one.item === wanted)
  })

  /** Modes that can be found on this item. */
  readonly modes = $derived.by(() =>
    this.reference.modes.filter((mode) => this.spotsOf(mode).length > 0),
  )

  spotsOf(mode: Mode): Schemas['SpotView'][] {
    return this.spots.filter((one) => mode.spots.includes(one.spot))
  }

  countOf(mode: Mode): number {
    return this.findings.filter((one) => one.mode === mode.mode).length
  }

  toggle(mode: Mode, spot: Finding['spot'], extent: Finding['extent']): void {
    const same = (one: Finding): boolean => one.mode === mode.mode && one.spot === spot
    const before = this.findings.find(same)
    const others = this.findings.filter((one) => !same(one))
    this.findings =
      before?.extent === extent
        ? others
        : [...others, { mode: mode.mode, spot, extent, noticedBy: 'LOOKING' }]
  }

  sense(sense: Finding['noticedBy']): void {
    this.by = this.by.includes(sense) ? this.by.filter((one) => one !== sense) : [...this.by, sense]
  }

  /** Nothing found; the button that was pressed says how it was looked at. */
  good(): Promise<boolean> {
    return this.bench.nothingFound(this.item)
  }

  look(): void {
    this.closer = true
    this.scrapping = false
    this.overruled = ''
  }

  scrap(mayOverrule: boolean): void {
    this.scrapping = mayOverrule
    this.closer = true
    this.overruled = mayOverrule ? 'RENEW' : ''
  }

  save(): Promise<boolean> {
    return this.bench.judge({
      item: this.item,
      findings: this.findings,
      ...(this.isBearing
        ? { looked: { cleaned: this.cleaned, by: this.by, noisy: this.noisy } }
        : {}),
      ...(this.overruled === '' ? {} : { overruled: this.overruled, overruleReason: this.reason }),
    })
  }
}
