<script lang="ts">
  import type { Schemas } from '$api/client'
  import { number } from '$features/nut-dial'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { Shelf } from './shelf.svelte'

  interface Props {
    shelf: Shelf
    kinds: Schemas['StockKindView'][]
    ondone: () => void
  }

  let { shelf, kinds, ondone }: Props = $props()

  let kind = $state<Schemas['StockItemForm']['kind']>('BEARING')
  let designation = $state('')
  let words = $state('')
  let supplier = $state('')
  let price = $state('0')
  let want = $state('0')

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const form = {
      kind,
      designation,
      words,
      supplier,
      price: number(price) ?? -1,
      want: Number(want) || 0,
    }
    if (await shelf.enter(form)) ondone()
  }
</script>

<form onsubmit={send} class="mt-3 grid gap-3 border-2 border-ink bg-sheet p-3 tab:grid-cols-3">
  <Pick
    label="What it is"
    options={kinds.map((one) => ({
      value: one.id,
      label: one.words,
      note: `keeps ${one.keepsMonths} months`,
    }))}
    value={kind}
    onchange={(next) => {
      kind = next
    }}
  />
  <Field
    label="As it stands on the box"
    autocomplete="off"
    maxlength={60}
    bind:value={designation}
    error={shelf.fieldError('designation')}
  />
  <Field label="More about it" maxlength={200} bind:value={words} />
  <Field label="From" maxlength={80} bind:value={supplier} />
  <Field
    label="Price of one"
    inputmode="decimal"
    autocomplete="off"
    bind:value={price}
    error={shelf.fieldError('price')}
  />
  <Field
    label="Keep at least"
    inputmode="numeric"
    autocomplete="off"
    bind:value={want}
    error={shelf.fieldError('want')}
  />
  <Button type="submit" size="list" class="tab:col-start-1">Put it on the shelf</Button>
</form>
