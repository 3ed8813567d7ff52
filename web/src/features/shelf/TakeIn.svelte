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
  let dateError = $state('')
  const made = $derived(item.kind === 'SPARE_BAG' ? 'Sealed on' : 'Packed or cured on')

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    dateError = madeOn === '' ? 'Give the day: without it nobody knows how long it keeps' : ''
    if (dateError) return
    if (await shelf.takeIn(item, { batch, madeOn, pieces: Number(pieces) || 0, note })) {
      batch = note = ''
      pieces = '1'
    }
  }
</script>

<form onsubmit={send} class="flex flex-wrap items-end gap-3">
  <Field
    label={item.kind === 'SPARE_BAG' ? 'Number on the bag' : 'Batch'}
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
  <Field label="Note" class="min-w-40 flex-1" maxlength={400} bind:value={note} />
  <Button type="submit" size="list">Take in</Button>
</form>
