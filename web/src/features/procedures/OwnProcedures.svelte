<script lang="ts">
  import { records } from '$features/records'
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import { Pick } from '$ui/pick'
  import { ProcedureEntry } from './procedure-entry.svelte'
  import ProcedureForm from './ProcedureForm.svelte'

  const attempt = new Attempt()
  let own = $state.raw<Schemas['OwnProcedureView'][]>([])
  let all = $state.raw<Schemas['ProcedureView'][]>([])
  let entry = $state.raw<ProcedureEntry | null>(null)

  const inUse = $derived(own.filter((one) => !one.retired))
  const begin = $derived([
    { value: '', label: 'a blank one' },
    ...all.map((one) => ({ value: one.id, label: `a copy of ${one.label}` })),
  ])

  async function load(): Promise<void> {
    await attempt.run(async () => {
      const [mine, reference] = await Promise.all([api.ownProcedures(), records.reference()])
      own = mine
      all = reference.procedures
    })
  }

  function start(id: string): void {
    const copied = all.find((one) => one.id === id)
    entry = copied ? ProcedureEntry.copy(copied) : ProcedureEntry.blank()
  }

  onMount(() => void load())
</script>

<section aria-labelledby="procedures">
  <h2 id="procedures" class="type-h">Your own nut sequences</h2>
  <p class="text-label text-ink2">
    Written by the workshop, or copied from a manual with its source; offered beside the trade’s
    {all.length - inUse.length} wherever a nut is set.
  </p>
  <ul class="mt-1 border-t-2 border-ink">
    {#each inUse as one (one.procedure.id)}
      <li class="flex items-center justify-between gap-3 border-b border-rule py-1">
        <span
          ><span class="font-semibold">{one.procedure.label}</span>
          <span class="block text-label text-ink2"
            >{one.procedure.source}; {one.procedure.steps.length} steps</span
          ></span
        >
        {#if session.mayManage}
          <span class="flex gap-2">
            <Button
              size="list"
              aria-label={`Change ${one.procedure.label}`}
              onclick={() => {
                entry = ProcedureEntry.change(one)
              }}>Change</Button
            >
            <Button
              size="list"
              aria-label={`Offer ${one.procedure.label} no longer`}
              onclick={() =>
                void attempt.run(async () => {
                  own = await api.retireProcedure(one.procedure.id)
                })}>Offer it no longer</Button
            >
          </span>
        {/if}
      </li>
    {:else}
      <li class="border-b border-rule py-2 text-ink2">None yet.</li>
    {/each}
  </ul>
  {#if entry}
    <ProcedureForm
      {entry}
      onclose={() => {
        entry = null
        void load()
      }}
    />
  {:else if session.mayManage}
    <Pick
      class="mt-3 max-w-80"
      label="Write one, beginning with"
      options={begin}
      value="none"
      onchange={start}
    />
  {/if}
  {#if attempt.problem}
    <p role="alert" class="mt-2 font-semibold text-oxide">{attempt.rest(() => false)}</p>
  {/if}
</section>
