<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Aids, ProveAid, StepAid } from '$features/bench/aids'
  import type { Bench } from '$features/bench/job'
  import CautionCard from './CautionCard.svelte'
  import KnownCautions from './KnownCautions.svelte'
  import { Diagnosis, Judge, SignChoice, SoakedLinings } from '$features/bench/judge'
  import Keypad from './Keypad.svelte'
  import { isSequence, PlayAid, SequenceAid } from '$features/bench/sequence'
  import StepFigures from './StepFigures.svelte'
  import WheelNutsAid from './WheelNutsAid.svelte'
  import StepTimer from './StepTimer.svelte'
  import WaiveCheck from './WaiveCheck.svelte'

  interface Props {
    bench: Bench
    step: Schemas['BenchStepView']
    mayWaive: boolean
    /** On the card of a run: what stands there already is left out; one of several has a name of its own. */
    onRun?: 'alone' | 'named' | null
  }

  let { bench, step, mayWaive, onRun = null }: Props = $props()

  const wheelEnd = $derived(bench.job?.hub.wheelEndId ?? '')
  const cautions = $derived(onRun ? [] : step.cautions.filter((one) => !bench.cautionKnown(one.id)))
  const known = $derived(onRun ? [] : step.cautions.filter((one) => bench.cautionKnown(one.id)))
  /** What can be worked out for this step in the reckoner. */
  const reckonings = $derived(
    step.stage === 'RACES'
      ? [{ href: `/reckoner/fit?wheelEnd=${wheelEnd}`, words: 'Work out fit and heat' }]
      : step.stage === 'GREASE'
        ? [{ href: `/reckoner/grease?wheelEnd=${wheelEnd}`, words: 'All about its grease' }]
        : [],
  )
  const aids = $derived(new Aids(wheelEnd))
  const rounds = { WHEEL_SNUG: 'SNUG', WHEEL_NUTS: 'HALF', WHEEL_NUTS_AGAIN: 'ROUND' } as const
  const nutRound = $derived(
    step.aid && step.aid in rounds ? rounds[step.aid as keyof typeof rounds] : null,
  )
  /** What the sequence beside the step says already. */
  let said = $state.raw<readonly string[]>([])
  const how = $derived(
    step.aid && isSequence(step.aid) ? step.how.filter((line) => !said.includes(line)) : step.how,
  )
  /** As long as the hub is not apart, what it was like before can be gone back to. */
  const looksStill = $derived(['PREPARE', 'RAISE', 'FIRST_LOOK', 'STRIP'].includes(step.stage))
  const needs = $derived([...step.tools, ...step.supplies].join(', '))
  /** What governs the readings of bolts; that of the wheel nuts stands with their star. */
  const governed = $derived(step.readings.flatMap((one) => one.figure ?? []))
  /** Its aid judges what is typed, so it stands beneath. */
  const proves = $derived(step.aid === 'WARMTH' || step.aid === 'PROVED')
</script>

{#if onRun === null}
  <p class="font-semibold text-ink2">
    {step.stageNumber}
    {step.stageWords}, step {step.numberInStage} of {step.stepsInStage}
  </p>
  <h1 class="mt-1 type-say text-[clamp(36px,3.4vw,56px)] leading-[0.98]">{step.what}</h1>
{:else if onRun === 'named'}
  <h2 class="border-t border-ink pt-2 type-h">{step.what}</h2>
{/if}
{#if step.why && onRun !== 'named'}<p class="mt-2 text-read">{step.why}</p>{/if}
{#if step.byMechanic}<p class="mt-2 font-semibold">A mechanic ticks this one off.</p>{/if}
<div class="mt-3 flex flex-col gap-2.5">
  {#each cautions as caution (caution.id)}
    <CautionCard
      {caution}
      met={bench.cautionMet(caution.id)}
      onmeet={() => bench.meetCaution(caution.id)}
    />
  {/each}
  {#if known.length > 0}<KnownCautions {known} />{/if}
</div>
{#if step.aid && isSequence(step.aid)}
  {#key step.id}<SequenceAid {bench} at={step.aid} bind:said />{/key}
{/if}
{#if governed.length > 0}
  {#key step.id}<StepFigures
      {bench}
      {wheelEnd}
      kinds={governed}
      doubtOnly={governed.includes('WHEEL_NUT_TORQUE')}
    />{/key}
{/if}
{#snippet lines()}
  <ol class="mt-2 border-t border-rule">
    {#each how as line, i (line)}
      <li class="flex gap-3 border-b border-rule py-2 text-read">
        <span class="w-4 flex-none font-bold">{i + 1}</span>{line}
      </li>
    {/each}
  </ol>
{/snippet}
{#if how.length > 0}
  <!-- what is to be answered comes before how it is looked at -->
  {#if step.judges || (onRun && step.asks.length > 0) || onRun === 'named'}
    <details>
      <summary class="flex min-h-11 cursor-pointer items-center font-semibold">How to look</summary>
      {@render lines()}
    </details>
  {:else}
    {@render lines()}
  {/if}
{/if}
{#if nutRound}
  {#key step.id}<WheelNutsAid {wheelEnd} from={nutRound} />{/key}
{:else if step.aid === 'LININGS'}
  <SoakedLinings {bench} />
{:else if step.aid && !isSequence(step.aid) && !proves}<StepAid
    {bench}
    {aids}
    aid={step.aid}
  />{/if}
{#if reckonings.length > 0}
  <p class="mt-2 flex flex-wrap gap-x-4">
    {#each reckonings as one (one.href)}
      <a href={one.href} class="flex min-h-11 items-center font-semibold">{one.words}</a>
    {/each}
  </p>
{/if}
{#if needs}<p class="mt-2">
    <span class="font-semibold">At hand:</span>
    {needs}{#if step.wantsSizes && bench.spanners}<span class="font-semibold"
        >. This hub: {bench.spanners}</span
      >{/if}
  </p>{/if}
<div class="mt-3 flex flex-col gap-2.5">
  {#if bench.reference}
    {#each bench.reference.signs.filter((one) => step.asks.includes(one.kind)) as kind (kind.kind)}
      <SignChoice {bench} {kind} parts={bench.reference.parts} />
    {/each}
    {#if bench.item}
      {#key bench.item}<Judge
          {bench}
          item={bench.item}
          reference={bench.reference}
          mayOverrule={mayWaive}
        />{/key}
    {/if}
  {/if}
  {#if bench.job?.firstLook && looksStill}<Diagnosis look={bench.job.firstLook} />{/if}
  {#if step.timer}<StepTimer timer={step.timer} />{/if}
  {#if step.readings.some((one) => one.kind === 'END_PLAY')}<PlayAid {bench} />{/if}
  {#if step.readings.length > 0 && onRun !== 'named'}<Keypad readings={bench.readings} />{/if}
  {#if step.aid === 'WARMTH' || step.aid === 'PROVED'}
    {#key step.id}<ProveAid {bench} aid={step.aid} />{/key}
  {/if}
  {#each step.checks.filter((one) => !onRun || (!one.must && step.asks.length === 0)) as check (check.id)}
    {@const met = bench.checkMet(check)}
    <div class="rounded-plate border border-ink bg-sheet">
      <label class="flex min-h-14 cursor-pointer items-center gap-3 px-3 py-2">
        <input
          type="checkbox"
          class="size-7 flex-none accent-verdigris-fill"
          checked={met}
          disabled={check.waived}
          onchange={() => bench.toggleCheck(check.id)}
        />
        <span>
          <span class="font-semibold">{check.says}</span>
          {#if check.waived}
            <span class="text-label text-ink2"> · let go by a mechanic</span>
          {:else if check.must}
            <span class="text-label text-ink2"> · must be so</span>
          {/if}
        </span>
      </label>
      {#if check.must && !met && mayWaive}
        <WaiveCheck onwaive={(reason) => bench.waive(check.id, reason)} />
      {/if}
    </div>
  {/each}
</div>
