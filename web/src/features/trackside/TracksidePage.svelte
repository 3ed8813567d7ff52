<script lang="ts">
  import { now } from '$api/clock'
  import { line, room, seals } from '$trackside'
  import { Button } from '$ui/button'
  import Waiting from './Waiting.svelte'
  import { ago, size } from './words'

  let bytes = $state<number | null>(null)
  $effect(() => {
    // counted anew whenever something came or went
    void [line.taken, line.waiting]
    void room().then((taken) => (bytes = taken))
  })
  const packing = $derived(line.packing)
  const rigs = $derived(line.taken?.rigs ?? [])
  const isPinned = (id: string): boolean => packing?.wanted.pinned.includes(id) ?? false
</script>

<svelte:head><title>Taken along · Old Tallow</title></svelte:head>

<div class="flex flex-col gap-6 px-4 py-4 desk:grid desk:grid-cols-2 desk:px-5">
  <section aria-labelledby="taken">
    <h1 id="taken" class="type-h">Taken along</h1>
    {#if !line.enabled}
      <p class="mt-1 border-t-2 border-ink pt-2">
        This browser does not keep pages, or Old Tallow was not opened safely (https). Here it works
        only while there is a line.
      </p>
    {:else if !line.taken}
      <p class="mt-1 border-t-2 border-ink pt-2">
        {packing?.busy ? 'Being packed …' : 'Nothing yet. It is packed when there is a line.'}
      </p>
    {:else}
      <p class="mt-1 border-t-2 border-ink pt-2 text-read">
        <span class="font-semibold">{rigs.length} {rigs.length === 1 ? 'rig' : 'rigs'}</span>, as of
        {ago(line.taken.at, now())}{#if bytes !== null},
          {size(bytes)} on this device, {seals() ? 'encrypted' : 'NOT encrypted'}{/if}.
      </p>
      <p class="text-label text-ink2">
        A rig with an open job, a trip within 14 days, or one you opened in the last 30 days comes
        along by itself. Signing out takes all of it off this device.
      </p>
      <ul class="mt-2 border-t border-rule">
        {#each rigs as rig (rig.id)}
          <li class="flex min-h-14 items-center gap-3 border-b border-rule">
            <a href={`/rigs/${rig.id}`} class="min-w-0 flex-1 truncate font-semibold">{rig.name}</a>
            <Button
              size="list"
              aria-pressed={isPinned(rig.id)}
              disabled={!line.up}
              onclick={() => void packing?.pin(rig.id, !isPinned(rig.id))}
            >
              {isPinned(rig.id) ? 'Always along' : 'Keep it along'}
            </Button>
          </li>
        {/each}
      </ul>
      <Button
        class="mt-3 w-full"
        disabled={!line.up || packing?.busy}
        onclick={() => void packing?.take()}
      >
        {packing?.busy ? 'Being packed …' : 'Renew before leaving'}
      </Button>
    {/if}
  </section>
  <div class="flex flex-col gap-6"><Waiting /></div>
</div>
