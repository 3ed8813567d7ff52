<script lang="ts">
  import type { Schemas } from '$api/request'
  import { authorityWords } from '$features/nut-dial/state'
  import { Button } from '$ui/button'
  import WheelStar from './WheelStar.svelte'

  interface Props {
    nuts: Schemas['WheelNutsView']
    /** Which round to begin with. */
    from?: Schemas['TorqueStageView']['kind']
  }

  let { nuts, from = 'SNUG' }: Props = $props()

  const first = $derived(
    Math.max(
      0,
      nuts.stages.findIndex((stage) => stage.kind === from),
    ),
  )
  /** Nuts pulled, over all rounds from the first on. */
  let pulled = $state(0)
  const count = $derived(nuts.studs.length)
  const round = $derived(Math.min(first + Math.floor(pulled / count), nuts.stages.length - 1))
  const stage = $derived(nuts.stages[round])
  const over = $derived(pulled >= (nuts.stages.length - first) * count)
  const nextNut = $derived(over ? null : (pulled % count) + 1)

  const range = (low: number, high: number): string => {
    const [a, b] = [Math.round(low), Math.round(high)]
    return a === b ? String(a) : `${a} to ${b}`
  }
</script>

<!-- narrow: the figure, the star, what to press; wide: the star beside both -->
<div class="@container">
  <div
    class="grid gap-x-4 gap-y-2 @min-[520px]:grid-cols-[minmax(0,260px)_minmax(0,1fr)] @min-[520px]:grid-rows-[auto_1fr]"
  >
    <div class="flex flex-col gap-2 @min-[520px]:col-start-2">
      {#if stage}
        <p class="leading-none">
          <span class="block text-label font-semibold"
            >{over ? 'done' : `${stage.words}, nut ${nextNut} of ${count}`}</span
          >
          <span class="type-num text-[44px] font-semibold tracking-tight"
            >{range(stage.least.newtonMetres, stage.most.newtonMetres)}</span
          >
          <span class="text-read">N·m</span>
          <span class="block type-num text-ink2"
            >{range(stage.least.poundForceFeet, stage.most.poundForceFeet)} lbf·ft</span
          >
        </p>
        <p class="first-letter:uppercase">{stage.how}.</p>
        {#if nuts.authority}
          <p class="text-label text-ink2 first-letter:uppercase">
            {nuts.authority === 'COMMON_PRACTICE'
              ? nuts.source
              : `${authorityWords[nuts.authority]}: ${nuts.source}`}
          </p>
        {/if}
      {:else}
        <p class="text-read">
          No torque is known for these studs. Look it up and file it with its page; until then:
          snug, half, full, each in the star, then once round.
        </p>
      {/if}
    </div>
    <div class="@min-[520px]:col-start-1 @min-[520px]:row-span-2 @min-[520px]:row-start-1">
      <WheelStar
        {nuts}
        done={over ? count : pulled % count}
        inTheStar={stage ? stage.inTheStar : true}
      />
    </div>
    {#if stage}
      <div class="flex flex-col gap-2 @min-[520px]:col-start-2">
        <div class="flex gap-2">
          <Button
            tone="main"
            class="min-h-14 flex-1"
            disabled={over}
            onclick={() => {
              pulled += 1
            }}>{over ? 'All pulled' : 'Pulled, next nut'}</Button
          >
          <Button
            class="min-h-14"
            disabled={pulled === 0}
            onclick={() => {
              pulled -= 1
            }}>Back</Button
          >
        </div>
        <ol class="border-t border-rule text-label">
          {#each nuts.stages as one, i (one.kind)}
            <li class={['border-b border-rule py-1', i === round && !over && 'font-bold']}>
              {one.words}: {range(one.least.newtonMetres, one.most.newtonMetres)} N·m, {one.inTheStar
                ? 'in the star'
                : 'one after the other'}
            </li>
          {/each}
        </ol>
      </div>
    {/if}
  </div>
</div>
