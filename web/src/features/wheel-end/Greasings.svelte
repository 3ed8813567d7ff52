<script lang="ts">
  import type { Schemas } from '$api/request'
  import { day } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { Stores } from './stores.svelte'

  interface Props {
    stores: Stores
  }

  let { stores }: Props = $props()

  let open = $state(false)
  let name = $state('')
  let code = $state('')
  let thickener = $state<Schemas['GreaseFillForm']['thickener']>('LITHIUM_COMPLEX')
  const inIt = $derived(stores.greasings[0])
  const before = $derived(stores.greasings.slice(1))

  async function begin(): Promise<void> {
    open = !open
    if (open) await stores.loadThickeners()
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await stores.writeGrease({ name, thickener, code, batch: '' })) open = false
  }
</script>

<section aria-labelledby="grease">
  <div class="flex items-baseline justify-between gap-3">
    <h2 id="grease" class="type-h">Grease in it</h2>
    <button
      type="button"
      class="min-h-11 px-2 font-semibold text-grease underline underline-offset-3"
      aria-expanded={open}
      onclick={begin}>{inIt ? 'It is another' : 'Write it down'}</button
    >
  </div>
  <div class="border-t-2 border-ink pt-1.5 leading-tight">
    {#if inIt}
      <p>
        <b>{inIt.known ? inIt.name : 'Filled, and nobody wrote down with what'}</b>
        {#if inIt.known}<span class="text-label"
            >{inIt.thickenerWords}{inIt.code ? `, ${inIt.code}` : ''}</span
          >{/if}
      </p>
      <p class="text-min text-ink2">
        {[day(inIt.at), inIt.by, inIt.batch ? `batch ${inIt.batch}` : '']
          .filter(Boolean)
          .join(', ')}
      </p>
    {:else}
      <p class="text-ink2">Not on record. Unknown grease is cleaned out at the next job.</p>
    {/if}
    {#if before.length > 0}
      <p class="text-min text-ink2">
        before: {before
          .map((one) => `${one.known ? one.name : 'not known'}, ${day(one.at)}`)
          .join('; ')}
      </p>
    {/if}
  </div>
  {#if open}
    <form onsubmit={save} class="mt-2 grid gap-3 border-2 border-ink bg-sheet p-3 tab:grid-cols-2">
      <Field
        label="As on the tin"
        autocomplete="off"
        maxlength={80}
        bind:value={name}
        error={stores.fieldError('name')}
      />
      <Pick
        label="Thickener"
        options={stores.thickeners.map((one) => ({ value: one.id, label: one.words }))}
        value={thickener}
        onchange={(next) => {
          thickener = next
        }}
      />
      <Field
        label="Code or mark"
        hint="may be empty"
        autocomplete="off"
        maxlength={40}
        bind:value={code}
        error={stores.fieldError('code')}
      />
      <Button type="submit" size="list" class="self-end">That is in it</Button>
    </form>
  {/if}
</section>
