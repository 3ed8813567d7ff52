<script lang="ts">
  import { untrack } from 'svelte'
  import type { Schemas } from '$api/request'
  import { figure } from '$features/display'
  import { authorityWords, nutTurn, range, torqueUnits } from '$features/nut-dial/state'
  import { decisionMarks } from '$features/play'
  import { Mark } from '$ui/mark'
  import { Pick } from '$ui/pick'
  import type { Bench } from '$features/bench/job'
  import CupMoved from './CupMoved.svelte'
  import HubTurns from './HubTurns.svelte'
  import { Sequence, type At } from './sequence.svelte'
  import TorqueDoubt from './TorqueDoubt.svelte'

  interface Props {
    bench: Bench
    at: At
    /** What it says, line by line, so that the step need not say it again. */
    said?: readonly string[]
  }

  let { bench, at, said = $bindable([]) }: Props = $props()

  const sequence = $derived(new Sequence(bench.id))
  const here = $derived(sequence.at(at))
  const guide = $derived(sequence.guide)
  const choices = $derived(
    (guide?.choices ?? []).map((one) => ({ value: one.id, label: one.label })),
  )

  // the step begins, and fetches what the outside world knows of it
  $effect(() => {
    void sequence.load()
  })
  $effect(() => {
    said = here?.steps.flatMap(({ step }) => [`${step.says}.`, step.lookOutFor ?? '']) ?? []
  })
  // the keypad types elsewhere: the server judges a torque whenever it changed
  $effect(() => {
    const typed = bench.readings.forms()
    untrack(() => void sequence.sense(typed))
  })

  const words = (step: Schemas['SequenceStepView']): string =>
    [
      step.hubWords,
      step.hubTurns > 0 ? `${step.hubTurns} turns at least` : '',
      step.turnDegrees === undefined ? '' : `nut ${nutTurn(step.turnDegrees)}`,
    ]
      .filter((word) => word !== '')
      .join(', ')
</script>

{#if guide && here}
  <section aria-label="The sequence" class="mt-3 border-2 border-ink bg-tray p-3">
    <p class="text-label">
      <b>{guide.label}</b>{guide.authority && guide.authority !== 'COMMON_PRACTICE'
        ? `, ${authorityWords[guide.authority]}: ${guide.source}`
        : `, ${guide.source}`}
      {#if guide.words}<b>{guide.words}</b>{/if}
    </p>
    <ol class="mt-1.5 border-t-2 border-ink">
      {#each here.steps as { step, again }, i (i)}
        <li class="border-b border-rule py-2">
          <label class="flex min-h-14 cursor-pointer items-start gap-3">
            <input
              type="checkbox"
              class="mt-1 size-7 flex-none accent-verdigris-fill"
              checked={sequence.done.includes(i)}
              onchange={() => sequence.tick(i)}
            />
            <span>
              <span class="block text-read font-semibold"
                >{again ? 'Again, now that it has settled: ' : ''}{step.says}</span
              >
              <span class="block">{words(step)}</span>
              {#if step.lookOutFor}<span class="block text-label text-ink2">{step.lookOutFor}</span
                >{/if}
            </span>
          </label>
          {#if step.torque}
            {@const torque = step.torque}
            <dl class="mt-1 grid grid-cols-3 gap-2 pl-10">
              {#each torqueUnits as unit (unit.key)}
                <div>
                  <dd class="type-num text-[26px] leading-tight font-semibold whitespace-nowrap">
                    {range(torque, unit.key)}
                  </dd>
                  <dt class="text-label text-ink2">{unit.label}</dt>
                </div>
              {/each}
            </dl>
          {/if}
        </li>
      {:else}
        <li class="border-b border-rule py-2">This procedure has nothing to do here: go on.</li>
      {/each}
    </ol>
    {#if here.hubTurns > 0}
      <HubTurns {sequence} readings={bench.readings} asked={here.hubTurns} />
    {/if}
    {#if sequence.torque?.question}
      <TorqueDoubt {bench} question={sequence.torque.question} meantBy={sequence.torque.meantBy} />
    {:else if sequence.torque?.decision}
      <p class="mt-2 flex items-center gap-2.5" role="status">
        <Mark shape={decisionMarks[sequence.torque.decision]} size={26} />
        <span class="type-card">The torque is {sequence.torque.words}.</span>
      </p>
    {/if}
    {#if sequence.drag}
      {@const drag = sequence.drag}
      <p class="mt-2 border-t border-rule pt-2" role="status">
        {#if drag.rolling && drag.uncertainty}
          <span class="block text-label font-semibold">Rolling torque of the bearings alone</span>
          <span class="type-num text-[26px] leading-tight font-semibold"
            >{figure(drag.rolling.newtonMetres)} N·m</span
          >
          <span class="ml-2 type-num text-ink2"
            >{figure(drag.rolling.poundForceInches)} lbf·in; ± {figure(
              drag.uncertainty.newtonMetres,
            )} N·m</span
          >
          <span class="block text-label"
            >{drag.looseNewtons === undefined
              ? 'The seal’s own pull was not taken with the nut loose: it is in this figure.'
              : `The seal’s ${figure(drag.looseNewtons)} N, pulled with the nut loose, is off.`}</span
          >
        {:else}
          Measure the stud circle, on the wheel end’s page, and this pull becomes a torque.
        {/if}
      </p>
    {/if}
    {#if at === 'SEAT'}<CupMoved {bench} cups={guide.cups} />{/if}
    <details class="mt-2">
      <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
        >Set it by another procedure</summary
      >
      <Pick
        label="Procedure"
        options={choices}
        value={guide.procedure}
        onchange={(procedure) => void sequence.choose(procedure)}
      />
      <p class="mt-1 text-label text-ink2">The maker’s sequence for this rig governs over any.</p>
    </details>
    {#if sequence.problem}
      <p role="alert" class="mt-2 font-semibold text-oxide">{sequence.rest(() => false)}</p>
    {/if}
  </section>
{:else if sequence.problem}
  <p class="mt-3 text-ink2">{sequence.problem.detail}</p>
{/if}
