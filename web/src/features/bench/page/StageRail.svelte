<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    stages: Schemas['StageView'][]
    /** The stage worked on now; past its last step, the last. */
    now: number | undefined
  }

  let { stages, now }: Props = $props()
</script>

<!-- a rule with a tick for each step: how far it is, and how far to go -->
<ol aria-label="Stages of the job" class="relative flex h-full flex-col justify-between pt-4 pb-1">
  {#each stages as stage (stage.number)}
    {@const complete = stage.steps > 0 && stage.done >= stage.steps}
    <li
      class="relative flex min-h-8 flex-1 items-start"
      aria-current={stage.number === now ? 'step' : undefined}
    >
      <span class="flex h-full w-4 flex-none flex-col" aria-hidden="true">
        {#each Array(Math.max(stage.steps, 1)).keys() as i (i)}
          <span
            class={[
              'w-full flex-1 border-b border-ink',
              stage.steps === 0 ? 'bg-tray' : i < stage.done ? 'bg-verdigris-fill' : 'bg-sheet',
            ]}
          ></span>
        {/each}
      </span>
      <span class="ml-1 h-px w-3 flex-none bg-ink" aria-hidden="true"></span>
      <span
        class={[
          '-mt-2.5 ml-1.5 text-label leading-tight',
          stage.number === now ? 'text-[17px] font-bold' : stage.steps === 0 ? 'text-ink2' : '',
        ]}
      >
        <span class="type-num">{stage.number}</span>
        {stage.words}
        {#if complete}
          <svg width="14" height="14" viewBox="-7 -7 14 14" class="inline" aria-hidden="true">
            <path d="M-5 0 -1.5 4 5 -4.5" class="fill-none stroke-verdigris" stroke-width="2.4" />
          </svg>
          <span class="sr-only">done</span>
        {:else if stage.number === now}
          <span class="block text-label font-normal">step {stage.done + 1} of {stage.steps}</span>
        {:else if stage.steps === 0}
          <span class="sr-only">nothing to do</span>
        {/if}
      </span>
    </li>
  {/each}
</ol>
