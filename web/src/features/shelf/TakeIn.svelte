<script lang="ts">
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import type { Item, Shelf } from './shelf.svelte'

  interface Props {
    shelf: Shelf
    item: Item
  }

  let { shelf, item }: Props = $props()

  let batch = $state('')
  let madeOn = $state('')
  let pieces = $state('1')
  let note = $state('')
  let grease = $state('')
  let history = $state('')
  const isBag = $derived(item.kind === 'SPARE_BAG')
  const made = $derived(isBag ? 'Sealed on' : 'Packed or cured on')
  let dateError = $state('')

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    dateError = madeOn === '' ? 'Give the day: without it nobody knows how long it keeps' : ''
    if (dateError) return
    const form = { batch, madeOn, pieces: Number(pieces) || 0, note }
    if (await shelf.takeIn(item, isBag ? { ...form, grease, history } : form)) {
      batch = note = grease = history = ''
      pieces = '1'
    }
  }
</script>

<form onsubmit={send} class="flex flex-wrap items-end gap-3">
  <Field
    label={isBag ? 'Number on the bag' : 'Batch'}
    class="w-36"
    autocomplete="off"
    maxlength={40}
    bind:value={batch}
    error={shelf.fieldError('batch')}
  />
  <Field
    label={made}
    type="date"
    class="w-44"
    bind:value={madeOn}
    error={dateError || shelf.fieldError('madeOn')}
  />
  <Field
    label="Pieces"
    inputmode="numeric"
    class="w-20"
    bind:value={pieces}
    error={shelf.fieldError('pieces')}
  />
  {#if isBag}
    <Field
      label="Packed with which grease"
      class="min-w-52 flex-1"
      maxlength={80}
      autocomplete="off"
      bind:value={grease}
      error={shelf.fieldError('grease')}
    />
    <Field
      label="Old but sound? Where it ran"
      hint="empty for new parts"
      class="min-w-52 flex-1"
      maxlength={400}
      bind:value={history}
      error={shelf.fieldError('history')}
    />
  {/if}
  <Field label="Note" class="min-w-40 flex-1" maxlength={400} bind:value={note} />
  <Button type="submit" size="list">Take in</Button>
</form>
