<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { Bench } from '$features/bench/job'
  import { CondemnForm } from '$features/bench/otherwise'
  import DoneSteps from './DoneSteps.svelte'
  import { JobChoices, scopes, type Scope } from '$features/bench/start'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  /** Chosen here; as the job stands until then. */
  let otherScope = $state<Scope | null>(null)
  let otherChoices = $state.raw<Schemas['ChoicesForm']>({})
  const scope = $derived(otherScope ?? bench.job?.scope ?? 'REPACK')
  /** As they hold, with what is chosen here. */
  const asked = $derived(
    (bench.job?.choosable ?? []).map((one) => ({
      ...one,
      now: otherChoices[one.name as keyof Schemas['ChoicesForm']] ?? one.now,
    })),
  )
  let reason = $state('')
  let what = $state('')
  let bag = $state('')
  let orderedFrom = $state('')
  let ending = $state('')
  const others = $derived(
    (bench.otherEnds ?? []).filter(
      (end) => !bench.job?.round.hubs.some((hub) => hub.wheelEndId === end.id),
    ),
  )

  async function change(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (!(await bench.rescope(scope, reason, otherChoices))) return
    reason = ''
    otherScope = null
    otherChoices = {}
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
    >Something turned out otherwise, or is done in another way</summary
  >
  <form onsubmit={change} class="flex flex-col gap-3 pb-3">
    <p>What is done stays done; the rest is planned anew.</p>
    <Pick
      label="The job becomes"
      options={scopes}
      value={scope}
      onchange={(next) => {
        otherScope = next as Scope
      }}
    />
    <JobChoices
      {asked}
      onchoose={(how) => {
        otherChoices = { ...otherChoices, ...how }
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
    <CondemnForm {bench} />
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
    It comes to this job with a tray of its own: parts of two hubs never mix. Chocks, stands, wheel
    nuts and the drive are done once for all.
  </p>
  <ul class="flex flex-col items-start gap-1.5 py-2">
    {#each others as end (end.id)}
      <li>
        <Button size="list" disabled={bench.attempt.busy} onclick={() => void bench.addHub(end.id)}
          >{end.position}
          {end.openJobId ? 'comes with what is done there' : 'comes to this job'}</Button
        >
      </li>
    {:else}
      <li>All wheel ends of this rig are in it.</li>
    {/each}
  </ul>
</details>
{#if (bench.job?.round.hubs.length ?? 1) > 1}
  <details class="border-t border-rule">
    <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
      >Let this hub go: it goes on in a job of its own</summary
    >
    <div class="flex flex-col items-start gap-2 pb-3">
      <p>What is done here stays with it; the others go on without it.</p>
      <Button size="list" disabled={bench.attempt.busy} onclick={() => void bench.letGo()}
        >Let {bench.job?.hub.position} go</Button
      >
    </div>
  </details>
{/if}
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
