<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { moment } from '$features/display'

  const MEGABYTE = 1_000_000
  const attempt = new Attempt()
  let last = $state.raw<Schemas['BackupView'] | null>(null)

  onMount(
    () =>
      void attempt.run(async () => {
        last = await api.backup()
      }),
  )
</script>

{#if last}
  <section aria-labelledby="backup">
    <h2 id="backup" class="type-h">Backup</h2>
    <p class="mt-1 border-t-2 border-ink pt-2 text-read">
      {#if last.at}
        <span class={[last.isOld && 'font-semibold text-brass']}>Last {moment(last.at)}</span>,
        <span class="type-num">{Math.max(0.1, (last.bytes ?? 0) / MEGABYTE).toFixed(1)} MB</span>.
        {#if last.isOld}More than a week of work would go with this machine.{/if}
      {:else}
        <span class="font-semibold text-brass">There is none.</span> If this machine breaks, all of it
        is gone.
      {/if}
    </p>
    {#if last.isOld}
      <p class="mt-1">
        Type <code class="type-num">./run backup FILE</code> where Old Tallow was started, and keep the
        file on another machine.
      </p>
    {/if}
  </section>
{/if}
