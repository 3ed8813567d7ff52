<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Bench } from '$features/bench/job'
  import { TrayPart } from '$features/bench/tray'

  interface Props {
    bench: Bench
    run: Schemas['RunView']
  }

  let { bench, run }: Props = $props()

  const moves = $derived(run.steps.flatMap((step) => step.moves))
</script>

{#if moves.length > 0}
  <!-- the list beneath says the same in words -->
  <div class="mt-3 flex flex-wrap border-t border-l border-ink" aria-hidden="true">
    {#each moves as move (move.part)}
      <div
        class={[
          'flex w-1/4 flex-col border-r border-b border-ink text-center',
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
