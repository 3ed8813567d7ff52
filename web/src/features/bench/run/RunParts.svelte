<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Bench } from '$features/bench/job'
  import { TrayPart } from '$features/bench/tray'

  interface Props {
    bench: Bench
    run: Schemas['RunView']
    /** In one row where there is room for it. */
    inRow?: boolean
  }

  let { bench, run, inRow = false }: Props = $props()

  const moves = $derived(run.steps.flatMap((step) => step.moves))
</script>

{#if moves.length > 0}
  <!-- the list beneath says the same in words -->
  <div
    class={['mt-3 flex border-t border-l border-ink', !inRow && 'flex-wrap desk:hidden']}
    aria-hidden="true"
  >
    {#each moves as move (`${move.part} ${move.kind}`)}
      <div
        class={[
          'flex flex-col border-r border-b border-ink text-center',
          inRow ? 'max-w-32 min-w-0 flex-1' : 'w-1/4',
          move.kind === 'REMOVE' ? 'bg-sheet' : 'bg-tray',
        ]}
      >
        <TrayPart part={move.part} drawn={move.drawn} section={bench.section} inHand={false} />
        <p class="px-0.5 pb-1 text-label leading-tight">
          {move.words}{#if move.kind === 'RENEW' || move.kind === 'FIT'}<b>, new</b>{/if}
        </p>
      </div>
    {/each}
  </div>
{/if}
