import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'
import { newRow, rowsOf, rulesOf, type RuleRow } from './rules'
import type { FigureKind } from './words'

type Entry = Schemas['FigureEntry']
type Filed = Schemas['FiledFigureView']

/** A figure that is being entered, or changed. */
export class FigureDraft {
  kind = $state<FigureKind>('END_PLAY')
  authority = $state<Entry['authority']>('MAKER')
  source = $state('')
  procedure = $state<NonNullable<Entry['procedure']>>('SEAT_AND_FINGER_TIGHT')
  words = $state('')
  least = $state('')
  most = $state('')
  lengthUnit = $state<'MILLIMETRE' | 'THOUSANDTH_INCH'>('MILLIMETRE')
  torqueUnit = $state<Schemas['TorqueEntry']['unit']>('NEWTON_METRE')
  rules = $state.raw<RuleRow[]>([newRow()])

  /** Starts afresh for a kind. */
  begin(kind: FigureKind): void {
    this.kind = kind
    this.least = this.most = this.words = ''
    this.rules = [newRow()]
    this.authority = kind === 'SPANNERS' ? 'WORKSHOP' : 'MAKER'
    this.source = kind === 'SPANNERS' ? 'tried on this hub' : ''
  }

  /** Starts from a figure on file. */
  take(filed: Filed): void {
    const { value } = filed
    this.kind = filed.kind
    this.authority = filed.authority
    this.source = filed.source
    if (value.form === 'SEQUENCE') this.procedure = value.procedure
    this.words = 'words' in value ? value.words : ''
    this.lengthUnit = 'MILLIMETRE'
    this.torqueUnit = 'NEWTON_METRE'
    this.least = this.most = ''
    if (value.form === 'END_PLAY') {
      this.least = text(value.least.millimetres)
      this.most = text(value.most.millimetres)
    } else if (value.form === 'TORQUE') {
      this.least = text(value.least.newtonMetres)
      this.most = text(value.most.newtonMetres)
    }
    this.rules = value.form === 'RULES' ? rowsOf(value.rules) : [newRow()]
  }

  toEntry(version: number): Entry {
    const { kind, authority, source } = this
    const head = { kind, authority, source, version }
    switch (kind) {
      case 'NUT_SEQUENCE':
        return { ...head, procedure: this.procedure, words: this.words }
      case 'END_PLAY':
        return {
          ...head,
          ...given('least', this.least, (n) => ({ number: n, unit: this.lengthUnit })),
          ...given('most', this.most, (n) => ({ number: n, unit: this.lengthUnit })),
        }
      case 'WHEEL_NUT_TORQUE':
      case 'CALIPER_BOLT_TORQUE':
      case 'ROTOR_BOLT_TORQUE':
      case 'FLANGE_BOLT_TORQUE':
      case 'OUTER_NUT_TORQUE':
        return {
          ...head,
          ...given('leastTorque', this.least, (n) => ({ number: n, unit: this.torqueUnit })),
          ...given('mostTorque', this.most, (n) => ({ number: n, unit: this.torqueUnit })),
        }
      case 'GREASE':
      case 'SPANNERS':
        return { ...head, ...(this.words.trim() === '' ? {} : { words: this.words }) }
      case 'INTERVAL':
        return { ...head, rules: rulesOf(this.rules) }
    }
  }
}

const text = (value: number | undefined): string =>
  value === undefined ? '' : String(Number(value.toFixed(4)))

/** A field only where a number was typed: the server says what is missing. */
function given<K extends string, V>(
  field: K,
  typed: string,
  value: (n: number) => V,
): Partial<Record<K, V>> {
  const n = number(typed)
  return n === null ? {} : ({ [field]: value(n) } as Record<K, V>)
}
