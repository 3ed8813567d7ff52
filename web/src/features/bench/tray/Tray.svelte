<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark } from '$ui/mark'
  import type { MarkShape } from '$ui/mark'
  import TrayPart from './TrayPart.svelte'

  interface Props {
    job: Schemas['JobView']
    section: Schemas['SectionView'] | null
  }

  let { job, section }: Props = $props()

  const parts = $derived(job.parts.tray)
  /** Whose tray it is, where several hubs are worked on. */
  const hub = $derived(job.round.hubs.length > 1 ? job.hub.position : '')

  const short: Record<Schemas['TrayView']['fate'], string> = {
    REFIT: 'refit here',
    JUDGE: 'judge it',
    ALWAYS_NEW: 'new one',
  }
  const marks: Record<Schemas['TrayView']['fate'], MarkShape> = {
    REFIT: 'good',
    JUDGE: 'soon',
    ALWAYS_NEW: 'renew',
  }
</script>

<p class="px-2 text-label text-ink2">
  {#if hub}<b class="text-ink">Tray of {hub}</b>: off{:else}Off{/if} left to right, back right to left
</p>
<div class="rounded-tray border-2 border-ink bg-tray p-1">
  <div class="rounded-tray border border-ink px-1 py-1.5">
    {#if parts.length === 0}
      <p class="px-3 py-6 text-read">The tray is empty: everything is where it belongs.</p>
    {:else}
      <!-- svelte-ignore a11y_no_noninteractive_tabindex (it scrolls, so the keyboard must reach it) -->
      <ol
        aria-label="Parts on the tray, in the order they came off"
        class="flex overflow-x-auto"
        tabindex="0"
      >
        {#each parts as part, i (part.part)}
          <li
            title={`${part.words}: ${part.fateWords}`}
            {@attach (item) => {
              const tray = item.parentElement
              // the tray only: the page stays where it is
              if (part.inHand && tray)
                tray.scrollLeft = item.offsetLeft + item.offsetWidth - tray.clientWidth
            }}
            class={[
              // nine of a stripped hub lie side by side
              'relative flex max-w-[88px] min-w-[72px] flex-1 flex-col border-r border-line px-1 last:border-r-0',
              part.inHand && 'outline-3 -outline-offset-3 outline-grease outline-dashed',
            ]}
          >
            <p class="min-h-9 text-label leading-tight font-bold">{part.words}</p>
            <span class="absolute top-9 left-1 type-num text-label text-ink2" aria-hidden="true"
              >{i + 1}</span
            >
            <TrayPart part={part.part} drawn={part.drawn} {section} inHand={part.inHand} />
            <p class="flex items-start gap-1 pt-1 text-min leading-tight">
              <Mark shape={part.inHand ? 'inHand' : marks[part.fate]} size={18} />
              <span class="font-semibold">{part.inHand ? 'in hand' : short[part.fate]}</span>
            </p>
          </li>
        {/each}
      </ol>
    {/if}
  </div>
</div>
