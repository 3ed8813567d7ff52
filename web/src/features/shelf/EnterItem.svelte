<script lang="ts">
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import type { Schemas } from '$api/request'
  import { BearingPicker } from '$features/bearing'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { number, NumberField } from '$ui/number-field'
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
  let thickener = $state<Schemas['TinForm']['thickener']>('LITHIUM_COMPLEX')
  let code = $state('')
  let grams = $state('400')
  let thickeners = $state.raw<Schemas['ThickenerView'][]>([])

  onMount(() => {
    void records.greaseReference().then((reference) => {
      thickeners = reference.thickeners.filter((one) => one.id !== 'UNKNOWN')
    })
  })

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const form = {
      kind,
      designation,
      words,
      supplier,
      price: number(price) ?? -1,
      want: Number(want) || 0,
      ...(kind === 'GREASE' ? { tin: { thickener, code, grams: number(grams) ?? 0 } } : {}),
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
  {#if kind === 'BEARING'}
    <BearingPicker
      label="As it stands on the box, cone/cup"
      value={designation}
      onchange={(next) => {
        designation = next
      }}
      error={shelf.fieldError('designation')}
    />
  {:else}
    <Field
      label="As it stands on the box"
      autocomplete="off"
      maxlength={60}
      bind:value={designation}
      error={shelf.fieldError('designation')}
    />
  {/if}
  <Field label="More about it" maxlength={200} bind:value={words} />
  <Field label="From" maxlength={80} bind:value={supplier} />
  <NumberField label="Price of one" bind:value={price} error={shelf.fieldError('price')} />
  <Field
    label="Keep at least"
    inputmode="numeric"
    autocomplete="off"
    bind:value={want}
    error={shelf.fieldError('want')}
  />
  {#if kind === 'GREASE'}
    <Pick
      label="Thickener"
      options={thickeners.map((one) => ({ value: one.id, label: one.words }))}
      value={thickener}
      onchange={(next) => {
        thickener = next
      }}
    />
    <Field
      label="Code or mark on the tin"
      hint="such as KP2K-30; may be empty"
      autocomplete="off"
      maxlength={40}
      bind:value={code}
      error={shelf.fieldError('code')}
    />
    <NumberField label="Grams in one" bind:value={grams} error={shelf.fieldError('grams')} />
  {/if}
  <Button type="submit" size="list" class="tab:col-start-1">Put it on the shelf</Button>
</form>
