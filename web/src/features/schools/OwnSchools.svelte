<script lang="ts">
  import { records } from '$features/records'
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import { Pick } from '$ui/pick'
  import { SchoolEntry } from './school-entry.svelte'
  import SchoolForm from './SchoolForm.svelte'

  const attempt = new Attempt()
  let own = $state.raw<Schemas['OwnSchoolView'][]>([])
  let all = $state.raw<Schemas['ProcedureView'][]>([])
  let entry = $state.raw<SchoolEntry | null>(null)

  const inUse = $derived(own.filter((one) => !one.retired))
  const begin = $derived([
    { value: '', label: 'a blank one' },
    ...all.map((one) => ({ value: one.id, label: `a copy of ${one.label}` })),
  ])

  async function load(): Promise<void> {
    await attempt.run(async () => {
      const [mine, reference] = await Promise.all([api.ownSchools(), records.reference()])
      own = mine
      all = reference.schools
    })
  }

  function start(id: string): void {
    const copied = all.find((one) => one.id === id)
    entry = copied ? SchoolEntry.copy(copied) : SchoolEntry.blank()
  }

  onMount(() => void load())
</script>

<section aria-labelledby="schools">
  <h2 id="schools" class="type-h">Your own nut sequences</h2>
  <p class="text-label text-ink2">
    Written by the workshop, or copied from a manual with its source; offered beside the trade’s
    {all.length - inUse.length} wherever a nut is set.
  </p>
  <ul class="mt-1 border-t-2 border-ink">
    {#each inUse as one (one.school.id)}
      <li class="flex items-center justify-between gap-3 border-b border-rule py-1">
        <span
          ><span class="font-semibold">{one.school.label}</span>
          <span class="block text-label text-ink2"
            >{one.school.source}; {one.school.steps.length} steps</span
          ></span
        >
        {#if session.mayManage}
          <span class="flex gap-2">
            <Button
              size="list"
              aria-label={`Change ${one.school.label}`}
              onclick={() => {
                entry = SchoolEntry.change(one)
              }}>Change</Button
            >
            <Button
              size="list"
              aria-label={`Offer ${one.school.label} no longer`}
              onclick={() =>
                void attempt.run(async () => {
                  own = await api.retireSchool(one.school.id)
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
    <SchoolForm
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
