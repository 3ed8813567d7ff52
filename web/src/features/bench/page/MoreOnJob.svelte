<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { Bench } from '$features/bench/job'
  import DoneSteps from './DoneSteps.svelte'
  import { scopes, type Scope } from '$features/bench/start'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  let scope = $state<Scope>('RENEW')
  let reason = $state('')
  let what = $state('')
  let bag = $state('')
  let orderedFrom = $state('')
  let ending = $state('')
  type Part = Schemas['CondemnedForm']['parts'][number]
  /** Chosen here, as long as it can be. */
  let chosen = $state<Part | null>(null)
  let wrong = $state('')
  const open = $derived(bench.job?.parts.condemnable.map((one) => one.part) ?? [])
  const part = $derived(chosen && open.includes(chosen) ? chosen : open[0])

  async function change(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await bench.rescope(scope, reason)) reason = ''
  }

  async function condemn(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (part && (await bench.condemn([part], wrong))) wrong = ''
  }

  async function wait(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await bench.waits(what, bag, orderedFrom)) what = bag = orderedFrom = ''
  }

  async function end(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await bench.giveUp(ending)) ending = ''
  }
</script>

<details class="border-t border-rule">
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >Something turned out otherwise</summary
  >
  <form onsubmit={change} class="flex flex-col gap-3 pb-3">
    <p>What is done stays done; the rest is planned anew.</p>
    <Pick
      label="The job becomes"
      options={scopes}
      value={scope}
      onchange={(next) => {
        scope = next as Scope
      }}
    />
    <Field label="Why" bind:value={reason} maxlength={1000} />
    <Button type="submit" size="list">Plan the rest anew</Button>
  </form>
</details>
{#if bench.job && bench.job.parts.condemnable.length > 0}
  <details class="border-t border-rule">
    <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
      >A part is done with: a new one goes in</summary
    >
    <form onsubmit={condemn} class="flex flex-col gap-3 pb-3">
      <Pick
        label="Which"
        options={bench.job.parts.condemnable.map((one) => ({ value: one.part, label: one.words }))}
        value={part ?? ''}
        onchange={(next) => {
          chosen = next as Part
        }}
      />
      <Field label="What is wrong with it" bind:value={wrong} maxlength={1000} required />
      <Button type="submit" size="list">Renew it</Button>
    </form>
  </details>
{/if}
<details class="border-t border-rule">
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >It has to wait for a part</summary
  >
  <form onsubmit={wait} class="flex flex-col gap-3 pb-3">
    <p>Bag and label what is loose, and the spindle with it.</p>
    <Field label="What is missing" bind:value={what} maxlength={1000} required />
    <Field label="On the bag stands" bind:value={bag} maxlength={200} />
    <Field label="Ordered from" bind:value={orderedFrom} maxlength={200} />
    <Button type="submit" size="list">Wait for it</Button>
  </form>
</details>
<details
  class="border-t border-rule"
  ontoggle={(event) => {
    if (event.currentTarget.open) void bench.loadOtherEnds()
  }}
>
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >Another hub wants doing too</summary
  >
  <p class="max-w-[52ch]">
    It gets a job of its own, with its own tray: parts of two hubs never mix.
  </p>
  <ul class="pb-2">
    {#each bench.otherEnds ?? [] as end (end.id)}
      <li>
        <a
          href={end.openJobId ? `/bench/${end.openJobId}` : `/wheel-ends/${end.id}/job`}
          class="flex min-h-11 items-center font-semibold"
          >{end.openJobId ? 'Go on with' : 'Begin'} {end.position}</a
        >
      </li>
    {/each}
  </ul>
</details>
<details class="border-t border-rule">
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >End this job: begun by mistake, or given up</summary
  >
  <form onsubmit={end} class="flex flex-col gap-3 pb-3">
    <p>What was written down stays readable. No service and no next date come of it.</p>
    <Field label="Why it ends here" bind:value={ending} maxlength={1000} required />
    <Button type="submit" size="list">End the job</Button>
  </form>
</details>
<details class="border-y border-rule">
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >Done so far: {bench.job?.walk.done.length ?? 0} steps</summary
  >
  <DoneSteps done={(bench.job?.walk.done ?? []).toReversed()} />
</details>
