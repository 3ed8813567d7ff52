<script lang="ts">
  import type { Warmth } from './stop-draft.svelte'

  interface Props {
    log: Warmth
  }

  let { log }: Props = $props()

  const title = $derived(log.worst?.words.split(':')[0] ?? '')
  /** Without what the title says already. */
  const said = (words: string): string =>
    words.startsWith(`${title}: `) ? words.slice(title.length + 2) : words

  /** What presses most first. */
  const rank = ['STOP', 'HOT', 'ONE_SIDED', 'CREEPING', 'WATCH', 'FINE']
  const told = $derived(
    log.hubs
      .filter((hub) => hub.alarm !== undefined)
      .toSorted(
        (a, b) => rank.indexOf(a.alarm?.alarm ?? 'FINE') - rank.indexOf(b.alarm?.alarm ?? 'FINE'),
      ),
  )
</script>

{#if log.worst}
  <div
    role="status"
    class={[
      'border-2 px-4 py-3',
      log.worst.holdsTheRig
        ? 'border-oxide bg-oxide-wash'
        : log.worst.alarm === 'FINE'
          ? 'border-verdigris bg-verdigris-wash'
          : 'border-brass bg-brass-wash',
    ]}
  >
    <p class="type-say first-letter:uppercase">
      {log.worst.holdsTheRig ? 'Do not drive on yet' : title}
    </p>
    {#if log.worst.alarm !== 'FINE'}
      <ul class="mt-2">
        {#each told.filter((hub) => hub.alarm?.alarm !== 'FINE') as hub (hub.wheelEndId)}
          <li class="py-0.5">
            <span class="font-semibold first-letter:uppercase">{hub.name}:</span>
            {log.worst.holdsTheRig ? hub.alarm?.words : said(hub.alarm?.words ?? '')}.
          </li>
        {/each}
      </ul>
    {/if}
  </div>
{/if}
