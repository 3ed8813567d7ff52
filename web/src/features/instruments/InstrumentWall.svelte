<script lang="ts">
  import { onMount } from 'svelte'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { instruments } from './instruments.svelte'
  import LiveRow from './LiveRow.svelte'

  let port = $state('')

  onMount(() => void instruments.load())

  async function pair(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await instruments.pair(Number(port))) port = ''
  }
</script>

<section aria-labelledby="instruments">
  <h2 id="instruments" class="type-h">Instruments</h2>
  <p class="text-label text-ink2">
    Paired once, the bench shows them live and takes their readings. A simulated set comes with the
    demo; a real one speaks the open line protocol of docs/instruments.md.
  </p>
  <ul class="mt-1 border-t-2 border-ink">
    {#each instruments.all as one (one.id)}
      <LiveRow paired={one} />
    {:else}
      <li class="border-b border-rule py-2 text-ink2">None is paired yet.</li>
    {/each}
  </ul>
  {#if instruments.nearby}
    <ul class="mt-2" aria-label="Instruments that answer">
      {#each instruments.nearby as one (one.port)}
        <li class="flex items-center justify-between gap-3 border-b border-rule py-1">
          <span
            ><span class="font-semibold">{one.kindWords}</span>
            <span class="text-label text-ink2">{one.name}, {one.serial}, port {one.port}</span
            ></span
          >
          <Button
            size="list"
            disabled={instruments.busy}
            aria-label={`Pair the ${one.kindWords}`}
            onclick={() => void instruments.pair(one.port)}>Pair it</Button
          >
        </li>
      {:else}
        <li class="border-b border-rule py-2 text-ink2">
          {instruments.all.length > 0
            ? 'Nothing more answers.'
            : 'Nothing answers. Is it on, and its line program running?'}
        </li>
      {/each}
    </ul>
  {/if}
  {#if session.mayManage}
    <div class="mt-3 flex flex-wrap items-end gap-3">
      <Button size="list" disabled={instruments.busy} onclick={() => void instruments.look()}
        >{instruments.busy ? 'Looking …' : 'Look for instruments'}</Button
      >
      <form class="flex items-end gap-2" onsubmit={pair}>
        <Field
          label="Or by its port"
          inputmode="numeric"
          autocomplete="off"
          class="w-32"
          bind:value={port}
          error={instruments.fieldError('port')}
        />
        <Button type="submit" size="list" disabled={!/^\d+$/.test(port)}>Pair it</Button>
      </form>
    </div>
  {/if}
  {#if instruments.problem && instruments.problem.errors.length === 0}
    <p role="alert" class="mt-2 font-semibold text-oxide">{instruments.problem.detail}</p>
  {/if}
</section>
