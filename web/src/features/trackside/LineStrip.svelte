<script lang="ts">
  import { now } from '$api/clock'
  import { line } from '$trackside'
  import { ago } from './words'

  /** How old it is, is said anew each minute. */
  const MINUTE = 60_000

  let moment = $state.raw(now())
  $effect(() => {
    const timer = setInterval(() => (moment = now()), MINUTE)
    return () => clearInterval(timer)
  })

  const shown = $derived(!line.up || line.waiting.length > 0 || line.refused.length > 0)
</script>

{#if shown}
  <div
    role="status"
    class="order-last -mx-3 flex w-[calc(100%+1.5rem)] border-t border-ink bg-brass-wash desk:order-none desk:mx-0 desk:w-auto desk:border-x desk:border-t-0"
  >
    <a
      href="/trackside"
      class="flex min-h-11 w-full flex-wrap items-center justify-between gap-x-3 px-3 text-label leading-tight text-ink no-underline desk:flex-col desk:flex-nowrap desk:items-start desk:justify-center"
    >
      <span class="font-semibold">
        {#if !line.up}No line.{/if}
        {#if line.refused.length > 0}
          <span class="text-oxide">{line.refused.length} not taken.</span>
        {/if}
        {#if line.waiting.length > 0}{line.waiting.length} not sent yet.{/if}
      </span>
      {#if !line.up}
        <span>{line.taken ? `As of ${ago(line.taken.at, moment)}` : 'Nothing taken along'}</span>
      {/if}
    </a>
  </div>
{/if}
