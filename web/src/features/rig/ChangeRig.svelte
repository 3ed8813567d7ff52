<script lang="ts">
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import { RigEntry } from './rig-entry.svelte'
  import type { Rig } from './rig.svelte'
  import RigFields from './RigFields.svelte'
  import { kinds } from './words'

  interface Props {
    rig: Rig
    ondone: () => void
  }

  let { rig, ondone }: Props = $props()

  // the form starts from the rig as it is when it is opened
  // svelte-ignore state_referenced_locally
  const entry = new RigEntry(rig.view?.rig)
  // svelte-ignore state_referenced_locally
  let version = $state(rig.view?.version ?? 1)
  const stale = $derived(rig.change.problem?.status === 409)
  const error = (field: string): string => rig.change.fieldError(field)

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await rig.save(entry.toForm(), version)) ondone()
  }

  async function lookAtTheirs(): Promise<void> {
    await rig.refresh()
    version = rig.view?.version ?? version
    rig.change.problem = null
  }
</script>

<form
  onsubmit={save}
  aria-label="The rig"
  class="flex flex-col gap-3 rounded-plate border border-ink p-3"
>
  <div class="grid gap-x-3 gap-y-3 tab:grid-cols-2">
    <Field
      label="What you call it"
      autocomplete="off"
      bind:value={entry.name}
      error={error('name')}
    />
    <Field label="Plate" autocomplete="off" bind:value={entry.plate} error={error('plate')} />
    <Pick
      class="tab:col-span-2"
      label="Kind"
      options={kinds}
      value={entry.kind}
      onchange={(kind) => {
        entry.kind = kind
      }}
    />
  </div>
  <RigFields {entry} attempt={rig.change} />
  <details class="border-t border-rule">
    <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
      >Size of its outline</summary
    >
    <div class="grid gap-3 tab:grid-cols-3">
      <Field
        label="Length, mm"
        inputmode="numeric"
        bind:value={entry.length}
        error={error('lengthMillimetres')}
      />
      <Field
        label="Width, mm"
        inputmode="numeric"
        bind:value={entry.width}
        error={error('widthMillimetres')}
      />
      <Field
        label="Drawbar, mm"
        inputmode="numeric"
        bind:value={entry.drawbar}
        error={error('drawbarMillimetres')}
      />
    </div>
  </details>
  {#if rig.change.problem}
    <ProblemCard title={rig.change.problem.title}>
      <p>{rig.change.problem.detail}</p>
      {#if stale}
        <Button class="mt-2" onclick={() => void lookAtTheirs()}>Show theirs, keep my entry</Button>
      {/if}
    </ProblemCard>
  {/if}
  <Button tone="main" type="submit" disabled={rig.change.busy}>Save</Button>
  <Button onclick={ondone}>Not now</Button>
</form>
