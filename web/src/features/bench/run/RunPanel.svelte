<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Bench } from '$features/bench/job'
  import { StepChoices } from '$features/bench/otherwise'
  import { Keypad, StepPanel, WaiveCheck } from '$features/bench/step'
  import AtHubs from './AtHubs.svelte'
  import RunCautions from './RunCautions.svelte'
  import RunLine from './RunLine.svelte'
  import RunParts from './RunParts.svelte'

  interface Props {
    bench: Bench
    run: Schemas['RunView']
    mayWaive: boolean
  }

  let { bench, run, mayWaive }: Props = $props()

  const isOfSeveral = $derived((bench.job?.round.hubs.length ?? 1) > 1)
  const first = $derived(run.steps[0])
  /** Getting ready may go on into raising. */
  const stages = $derived([...new Set(run.steps.map((step) => step.stageWords))])
  const title = $derived(
    stages.map((words, i) => (i === 0 ? words : words.toLowerCase())).join(', '),
  )
  /** What the card ends with stands there with all it asks. */
  const asked = $derived.by(() => {
    if (run.steps.length === 1) return run.steps
    if (run.stop === 'LOOK') return run.steps.filter((step) => step.asks.length > 0)
    return ['NONE', 'MUST', 'WAIT'].includes(run.stop) ? [] : run.steps.slice(-1)
  })
  const lines = $derived(run.steps.filter((step) => !asked.includes(step)))
  const alone = $derived(asked.length === 1 ? asked[0] : undefined)
  const musts = $derived(
    asked.flatMap((step) => step.checks).filter((one) => one.must && !one.waived),
  )
</script>

<p class="font-semibold text-ink2">
  {#if isOfSeveral}<b class="text-ink first-letter:uppercase">{bench.job?.hub.position}</b>,{/if}
  {first?.stageNumber}
  {title}, {run.steps.length === 1 ? 'one move' : `${run.steps.length} moves in one go`}
</p>
<h1 class="mt-1 type-say text-[clamp(36px,3.4vw,56px)] leading-[0.98]">
  {alone?.what ?? title}
</h1>
<AtHubs {bench} />
<div class="mt-3"><RunCautions {bench} {run} /></div>
<RunParts {bench} {run} />
{#if lines.length > 0}
  <ol class="mt-2 border-t border-rule">
    {#each lines as step, i (step.id)}
      <li class="border-b border-rule">
        <RunLine {bench} {step} {mayWaive} number={i + 1} />
        <div class="pl-7"><StepChoices {bench} {step} /></div>
      </li>
    {/each}
  </ol>
{/if}
{#each asked as step (step.id)}
  <div class="mt-3">
    <StepPanel {bench} {step} {mayWaive} onRun={asked.length > 1 ? 'named' : 'alone'} />
    <StepChoices {bench} {step} />
  </div>
{/each}
<!-- a step that stands there alone shows the numbers itself -->
{#if bench.readings.all.length > 0 && !alone?.readings.length}
  <div class="mt-3"><Keypad readings={bench.readings} /></div>
{/if}
{#if mayWaive}
  <!-- what must be so stands on the button, unless that names an answer; in a line, it is let go there -->
  {#each musts as check (check.id)}
    <div class="mt-3 border-t border-rule" role="group" aria-label={check.says}>
      {#if run.stop === 'VERDICT' || run.stop === 'LOOK'}
        <p class="pt-2 text-label">Must hold: {check.says}.</p>
      {/if}
      <WaiveCheck onwaive={(reason) => bench.waive(check.id, reason)} />
    </div>
  {/each}
{/if}
