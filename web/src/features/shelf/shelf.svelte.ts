import { records } from '$features/records'
import { api } from './api'
import { Attempt } from '$api/attempt.svelte'
import type { Schemas } from '$api/request'

export type Item = Schemas['StockItemView']
export type Batch = Schemas['StockBatchView']
type View = Schemas['ShelfView']

/** The stores as this device sees them. */
export class Shelf extends Attempt {
  view = $state.raw<View | null>(null)
  /** The item that is opened. */
  open = $state('')

  /** By kind, in the order of the kinds; kinds with nothing left out. */
  readonly groups = $derived(
    (this.view?.kinds ?? [])
      .map((kind) => ({
        kind,
        items: (this.view?.items ?? []).filter((item) => item.kind === kind.id),
      }))
      .filter((group) => group.items.length > 0),
  )

  load(): Promise<boolean> {
    return this.take(() => api.shelf())
  }

  enter(form: Omit<Schemas['StockItemForm'], 'id' | 'version'>): Promise<boolean> {
    return this.put('item', (id) => api.enterStock({ ...form, id, version: 1 }))
  }

  takeIn(item: Item, form: Omit<Schemas['DeliveryForm'], 'id'>): Promise<boolean> {
    return this.put(`delivery ${item.id}`, (id) => api.takeIn(item.id, { ...form, id }))
  }

  move(batch: Batch, form: Omit<Schemas['StockMoveForm'], 'id'>): Promise<boolean> {
    return this.put(`move ${batch.id}`, (id) => api.moveStock(batch.id, { ...form, id }))
  }

  count(batch: Batch, counted: number, note: string): Promise<boolean> {
    return this.put(`count ${batch.id}`, (id) => api.countStock(batch.id, { id, counted, note }))
  }

  private put(what: string, send: (id: string) => Promise<View>): Promise<boolean> {
    return this.once(what, async (id) => {
      this.view = await send(id)
    })
  }

  private take(ask: () => Promise<View>): Promise<boolean> {
    return this.run(async () => {
      this.view = await ask()
    })
  }
}

/** A batch looked for, and who carries it. */
export class Recall extends Attempt {
  number = $state('')
  found = $state.raw<Schemas['RecallView'] | null>(null)

  async ask(): Promise<void> {
    const done = await this.run(async () => {
      this.found = await api.recall(this.number)
    })
    if (!done) this.found = null
  }
}

/** Planned jobs with their kits, and what to order. */
export class Orders extends Attempt {
  view = $state.raw<Schemas['OrderListView'] | null>(null)

  load(): Promise<boolean> {
    return this.take(() => api.orderList())
  }

  plan(form: Omit<Schemas['PlannedJobForm'], 'id'>): Promise<boolean> {
    return this.once(`plan ${form.wheelEndId}`, async (id) => {
      this.view = await api.planJob({ ...form, id })
    })
  }

  drop(id: string): Promise<boolean> {
    return this.take(() => api.dropPlan(id))
  }

  private take(ask: () => Promise<Schemas['OrderListView']>): Promise<boolean> {
    return this.run(async () => {
      this.view = await ask()
    })
  }
}

/** Every rig with its wheel ends; the yard comes page by page. */
export async function everyRig(): Promise<Schemas['YardRigView'][]> {
  let page = await records.yard({})
  const all = [...page.rigs]
  while (page.more) {
    page = await records.yard({ more: page.more })
    all.push(...page.rigs)
  }
  return all.sort((a, b) => a.yardNumber - b.yardNumber)
}

/** The order list as one would send it. */
export const orderText = (orders: Schemas['OrderView'][]): string =>
  orders
    .map((order) =>
      [
        order.supplier || 'No supplier on record',
        ...order.lines.map((line) => `${line.pieces} × ${line.designation}`),
      ].join('\n'),
    )
    .join('\n\n')
