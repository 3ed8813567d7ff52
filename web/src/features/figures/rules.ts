import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'

type Rule = Schemas['DueRuleView']

/** A rule of an interval as it is typed. */
export interface RuleRow {
  key: string
  action: Rule['action']
  trigger: Rule['trigger']
  number: string
}

export const newRow = (): RuleRow => ({
  key: crypto.randomUUID(),
  action: 'REPACK',
  trigger: 'MONTHS',
  number: '',
})

export const rowsOf = (rules: Rule[]): RuleRow[] =>
  rules.map(({ action, trigger, number: n }) => ({
    key: crypto.randomUUID(),
    action,
    trigger,
    number: String(n),
  }))

/** A number that is not typed is left out: the server says what is missing. */
export const rulesOf = (rows: RuleRow[]): Schemas['DueRuleForm'][] =>
  rows.map((row) => {
    const n = number(row.number)
    return { action: row.action, trigger: row.trigger, ...(n === null ? {} : { number: n }) }
  })
