<script lang="ts">
  import type { Schemas } from '$api/request'
  import { authorityWords, nutTurn, range, torqueUnits } from '$features/nut-dial/state'

  interface Props {
    procedure: Schemas['ProcedureView']
    /** Whose sequence governs; without it, common practice. */
    sequence?: Schemas['SequenceView'] | undefined
  }

  let { procedure, sequence }: Props = $props()
</script>

<section aria-label={procedure.label}>
  <h2 class="type-h">{procedure.label}</h2>
  <p class="text-label text-ink2">
    For {procedure.usedOn}; ends with {procedure.endsWith}.
    {#if sequence && sequence.authority !== 'COMMON_PRACTICE'}
      <span class="font-semibold text-ink">{authorityWords[sequence.authority]}:</span>
      {sequence.source}.
      {#if sequence.words}<span class="font-semibold text-ink">{sequence.words}</span>{/if}
    {:else}
      {procedure.source === 'common practice' ? 'Common practice' : procedure.source}: the maker’s
      sequence governs.
    {/if}
  </p>
  <ol class="mt-1.5 border-t-2 border-ink">
    {#each procedure.steps as step, i (i)}
      <li
        class="grid grid-cols-[1.4rem_1fr] gap-x-1 border-b border-rule py-2 tab:grid-cols-[1.4rem_1fr_auto]"
      >
        <span class="type-num text-ink2">{i + 1}</span>
        <div>
          <p>
            <span class="font-semibold">{step.says}</span>, {step.hubWords}{step.hubTurns > 0
              ? `, ${step.hubTurns} turns at least`
              : ''}
          </p>
          <p class="text-min text-ink2">{step.lookOutFor}</p>
        </div>
        {#if step.torque}
          {@const torque = step.torque}
          <dl
            class="col-start-2 flex flex-wrap gap-x-4 type-num text-label tab:col-start-3 tab:block tab:w-40"
          >
            {#each torqueUnits as unit (unit.key)}
              <div class="flex justify-between gap-1.5">
                <dd class="order-1 flex-1 text-right font-semibold whitespace-nowrap">
                  {range(torque, unit.key)}
                </dd>
                <dt class="order-2 w-13 text-ink2">{unit.label}</dt>
              </div>
            {/each}
          </dl>
        {:else if step.turnDegrees !== undefined}
          <p
            class="col-start-2 type-num text-label font-semibold tab:col-start-3 tab:w-40 tab:pr-14 tab:text-right"
          >
            {nutTurn(step.turnDegrees)}
          </p>
        {/if}
      </li>
    {/each}
  </ol>
</section>
