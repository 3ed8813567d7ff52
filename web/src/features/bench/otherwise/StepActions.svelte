<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import type { Bench } from '$features/bench/job'
  import { SignChoice } from '$features/bench/judge'
  import { WaiveCheck } from '$features/bench/step'
  import CondemnForm from './CondemnForm.svelte'

  interface Props {
    bench: Bench
    step: Schemas['BenchStepView']
    /** Whether it is one line of several that one press finishes. */
    isLine?: boolean
    mayWaive?: boolean
  }

  let { bench, step, isLine = false, mayWaive = false }: Props = $props()

  let words = $state('')
  const misplaced = $derived(bench.reference?.signs.find((one) => one.kind === 'MISPLACED'))
  const notes = $derived((bench.job?.notes ?? []).filter((one) => one.stepId === step.id))
  const waivable = $derived(
    isLine && mayWaive ? step.checks.filter((one) => one.must && !one.waived) : [],
  )

  async function note(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await bench.note(step.id, words)) words = ''
  }
</script>

{#each notes as one (one.at)}
  <p class="mt-1"><b>Noted:</b> {one.words} <span class="text-ink2">· {one.by}</span></p>
{/each}
<div class="mt-2 flex flex-wrap gap-2">
  {#if isLine}
    <Button
      size="list"
      disabled={bench.attempt.busy || bench.hasWaiting}
      onclick={() => void bench.finishUpTo(step.id)}>Done as far as this</Button
    >
  {/if}
  {#if step.absentable}
    <Button
      size="list"
      disabled={bench.attempt.busy || bench.hasWaiting}
      onclick={() => void bench.notHere(step.id)}>Not on this hub</Button
    >
  {/if}
</div>
<details
  class="mt-1"
  ontoggle={(event) => {
    if (event.currentTarget.open) event.currentTarget.scrollIntoView({ block: 'nearest' })
  }}
>
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold">Found otherwise</summary>
  <form onsubmit={note} class="flex items-end gap-2 pb-3">
    <Field
      label="A note for the sheet"
      class="flex-1"
      bind:value={words}
      maxlength={1000}
      required
    />
    <Button type="submit" size="list" disabled={bench.attempt.busy}>Note it</Button>
  </form>
  {#if misplaced && bench.reference}
    <SignChoice {bench} kind={misplaced} parts={bench.reference.parts} />
  {/if}
  {#if (bench.job?.parts.condemnable.length ?? 0) > 0}
    <h3 class="mt-3 border-t border-rule pt-2 font-semibold">
      A part is done with: a new one goes in
    </h3>
    <CondemnForm {bench} stepId={step.id} first={step.moves[0]?.part} />
  {/if}
</details>
{#each waivable as check (check.id)}
  <div class="border-t border-rule pt-1" role="group" aria-label={check.says}>
    <p><b>Must hold:</b> {check.says}.</p>
    <WaiveCheck onwaive={(reason) => bench.waive(check.id, reason)} />
  </div>
{/each}
