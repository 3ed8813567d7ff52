<script lang="ts">
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import type { Bench } from '$features/bench/job'
  import { Absent, StepActions, StepChoices } from '$features/bench/otherwise'
  import { StepPhotos } from '$features/bench/step'
  import { ownShape, PlateRow } from '$features/plates'
  import { canSay, say } from './say'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  /** Of several lines each has its own. */
  const isAlone = $derived((bench.run?.steps.length ?? 1) === 1)

  /** Of the step that stands there alone; a line of several has its own. */
  const plates = $derived(bench.asking && isAlone ? bench.asking.plates : [])
  const own = $derived(bench.asking ? ownShape(bench.asking, bench.section) : null)
</script>

{#if plates.length > 0}
  <div class="mt-3 desk:hidden"><PlateRow ids={plates} {own} /></div>
{/if}
{#if bench.step && !bench.run}<StepChoices {bench} step={bench.step} />{/if}
<Absent {bench} />
{#if bench.step}
  {@const step = bench.step}
  <div class="mt-3 flex flex-wrap gap-2">
    {#if canSay()}<Button size="list" onclick={() => say(step)}>Read it out</Button>{/if}
    <StepPhotos {bench} stepId={step.id} />
  </div>
  {#if isAlone}<StepActions {bench} {step} mayWaive={session.mayManage} />{/if}
{/if}
