<script lang="ts">
  import type { Schemas } from '$api/request'
  import { date } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { LabelLinks } from '$ui/label-links'
  import { Mark } from '$ui/mark'
  import { number } from '$ui/number-field'
  import { everyRig, type Batch, type Shelf } from './shelf.svelte'
  import WheelEndPick from './WheelEndPick.svelte'

  interface Props {
    shelf: Shelf
    batch: Batch
  }

  let { shelf, batch }: Props = $props()

  let doing = $state<'' | 'FITTED' | 'SCRAPPED' | 'COUNTED'>('')
  let wheelEndId = $state('')
  let counted = $state('')
  let note = $state('')
  let rigs = $state.raw<Schemas['YardRigView'][]>([])

  async function begin(what: typeof doing): Promise<void> {
    doing = doing === what ? '' : what
    if (doing === 'FITTED' && rigs.length === 0) rigs = await everyRig()
  }

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (doing === '') return
    const done =
      doing === 'COUNTED'
        ? await shelf.count(batch, number(counted) ?? -1, note)
        : await shelf.move(batch, {
            pieces: -1,
            reason: doing,
            note,
            ...(doing === 'FITTED' && wheelEndId !== '' ? { wheelEndId } : {}),
          })
    if (!done) return
    doing = ''
    note = ''
  }

  const acts = [
    { what: 'FITTED', words: 'Take one for a wheel end' },
    { what: 'SCRAPPED', words: 'Scrap one' },
    { what: 'COUNTED', words: 'Count' },
  ] as const
</script>

<div class="border-b border-rule pb-2">
  <p class="flex flex-wrap items-center gap-x-3">
    <span class="type-num text-read font-semibold">{batch.onHand} × {batch.batch}</span>
    <span class="text-label">of {date(batch.madeOn)}, keeps until {date(batch.keepsUntil)}</span>
    {#if batch.outdated}
      <span class="flex items-center gap-1.5 text-label font-semibold"
        ><Mark shape="never" size={18} /> too old: do not fit it</span
      >
    {/if}
  </p>
  {#if batch.grease}<p class="text-label">packed with <b>{batch.grease}</b></p>{/if}
  {#if batch.history}<p class="text-label">get-home spare: {batch.history}</p>{/if}
  {#if batch.note}<p class="text-label text-ink2">{batch.note}</p>{/if}
  <div class="mt-1 flex flex-wrap gap-2">
    {#each acts as act (act.what)}
      {#if act.what === 'COUNTED' || batch.onHand > 0}
        <Button size="list" aria-expanded={doing === act.what} onclick={() => begin(act.what)}
          >{act.words}</Button
        >
      {/if}
    {/each}
    <LabelLinks of={`shelf/batches/${batch.id}`} />
  </div>
  {#if doing !== ''}
    <form onsubmit={send} class="mt-2 flex flex-wrap items-end gap-3">
      {#if doing === 'FITTED'}
        <WheelEndPick {rigs} bind:value={wheelEndId} error={shelf.fieldError('wheelEndId')} />
        {#if batch.outdated}
          <Field
            label="Too old by the book: why is it still good?"
            class="min-w-60 flex-1"
            maxlength={400}
            bind:value={note}
            error={shelf.fieldError('note')}
          />
        {/if}
        <Button type="submit" size="list">It goes in there</Button>
      {:else if doing === 'COUNTED'}
        <Field
          label="There are really"
          inputmode="numeric"
          class="w-32"
          bind:value={counted}
          error={shelf.fieldError('counted')}
        />
        <Field label="Why" class="min-w-40 flex-1" maxlength={400} bind:value={note} />
        <Button type="submit" size="list">Put it right</Button>
      {:else}
        <Button type="submit" size="list">Throw one away</Button>
      {/if}
    </form>
  {/if}
</div>
