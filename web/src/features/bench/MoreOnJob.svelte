<script lang="ts">
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { Bench } from './bench.svelte'
  import DoneSteps from './DoneSteps.svelte'
  import { scopes, type Scope } from './scopes'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  let scope = $state<Scope>('RENEW')
  let reason = $state('')
  let what = $state('')
  let bag = $state('')
  let orderedFrom = $state('')

  async function change(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await bench.rescope(scope, reason)) reason = ''
  }

  async function wait(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await bench.waits(what, bag, orderedFrom)) what = bag = orderedFrom = ''
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
<details class="border-y border-rule">
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >Done so far: {bench.job?.done.length ?? 0} steps</summary
  >
  <DoneSteps done={(bench.job?.done ?? []).toReversed()} />
</details>
