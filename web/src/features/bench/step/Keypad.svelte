<script lang="ts">
  import { LiveStrip } from '$features/instruments'
  import { KeyCap } from '$ui/key-cap'
  import { symbolOf, type Readings, type Typing } from '$features/bench/job'

  interface Props {
    readings: Readings
  }

  let { readings }: Props = $props()

  /** Whether other hubs are asked for the same number. */
  const isOneOfSeveral = (typing: Typing): boolean =>
    readings.all.some((one) => one.at && one.kind.kind === typing.kind.kind)
  const rows = [
    ['7', '8', '9'],
    ['4', '5', '6'],
    ['1', '2', '3'],
    ['.', '0', 'back'],
  ]
</script>

<ul class="border-t border-rule">
  {#each readings.all as typing, i (`${typing.kind.kind} ${typing.at?.jobId ?? ''}`)}
    <li class="border-b border-rule">
      <button
        type="button"
        class={[
          'flex min-h-14 w-full items-center justify-between gap-3 px-2 text-left',
          i === readings.at && 'bg-grease-wash',
        ]}
        aria-expanded={i === readings.at}
        onclick={() => {
          readings.at = i === readings.at ? -1 : i
        }}
      >
        <span class="leading-tight"
          ><span class="block font-semibold"
            >{typing.kind.words}{#if typing.at}, {typing.at
                .position}{:else if isOneOfSeveral(typing)}, here{/if}</span
          >
          {#if readings.said?.kind === typing.kind.kind && !typing.at}
            <span class="block text-label font-semibold text-oxide first-letter:uppercase"
              >{readings.said.words}</span
            >
          {/if}</span
        >
        <span class="type-num text-[22px]"
          >{typing.text || '–'} <span class="text-label">{symbolOf(typing)}</span></span
        >
      </button>
      {#if i === readings.at}
        {#if typing.kind.kind !== 'END_PLAY' && !typing.at}
          <LiveStrip
            kind={typing.kind.kind}
            ontake={(reading) => readings.take(typing.kind.kind, reading)}
          />
        {/if}
        <div class="grid grid-cols-[3fr_1fr] gap-1.5 bg-grease-wash p-1.5">
          <div class="grid grid-cols-3 gap-1.5" role="group" aria-label={typing.kind.words}>
            {#each rows.flat() as key (key)}
              <button
                type="button"
                class="min-h-14 rounded-plate border border-ink bg-sheet type-num text-h font-semibold active:bg-tray"
                aria-label={key === 'back' ? 'Delete the last digit' : key}
                onclick={() => readings.type(key)}>{key === 'back' ? '⌫' : key}</button
              >
            {/each}
          </div>
          <div class="grid grid-rows-2 gap-1.5">
            <button
              type="button"
              class="rounded-plate border border-ink bg-sheet font-semibold active:bg-tray"
              onclick={() => readings.swapUnit()}>{symbolOf(typing)}<br /><KeyCap key="X" /></button
            >
            <button
              type="button"
              class="rounded-plate border border-ink bg-ink font-semibold text-wall"
              onclick={() => readings.next()}>Next<br /><KeyCap key="M" /></button
            >
          </div>
        </div>
      {/if}
    </li>
  {/each}
</ul>
