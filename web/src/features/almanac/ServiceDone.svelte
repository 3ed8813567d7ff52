<script lang="ts">
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { RigAlmanac } from './rig-almanac.svelte'
  import { services } from '$features/figures'

  interface Props {
    rig: RigAlmanac
  }

  let { rig }: Props = $props()

  type Kind = (typeof services)[number]['value']

  let open = $state(false)
  let kind = $state<Kind>('RETORQUE')
  let on = $state('')
  let note = $state('')
  let left = $state.raw<string[]>([])
  /** The same for a try repeated, so that it is written down once. */
  let id = $state(crypto.randomUUID())

  const ends = $derived(rig.view?.wheelEnds ?? [])

  function begin(): void {
    on = rig.view?.today ?? ''
    left = []
    id = crypto.randomUUID()
    open = true
  }

  function toggle(end: string): void {
    left = left.includes(end) ? left.filter((one) => one !== end) : [...left, end]
  }

  async function save(): Promise<void> {
    const wheelEndIds = ends.map((end) => end.id).filter((end) => !left.includes(end))
    if (await rig.done({ id, kind, on, note, wheelEndIds })) {
      open = false
      note = ''
    } else if (rig.attempt.problem?.status === 409) {
      id = crypto.randomUUID() // an earlier try was saved with something else in it
    }
  }
</script>

{#if open}
  <form
    aria-label="Done outside a job"
    class="grid gap-3 rounded-plate border border-ink bg-sheet p-3 tab:grid-cols-2"
    onsubmit={(event) => {
      event.preventDefault()
      void save()
    }}
  >
    <Pick
      label="What was done"
      options={services}
      value={kind}
      onchange={(next) => {
        kind = next
      }}
    />
    <Field label="On" type="date" bind:value={on} error={rig.attempt.fieldError('on')} />
    <fieldset class="tab:col-span-2">
      <legend class="text-label font-semibold">At</legend>
      <div class="flex flex-wrap gap-x-5">
        {#each ends as end (end.id)}
          <label class="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              class="size-6 accent-grease-fill"
              checked={!left.includes(end.id)}
              onchange={() => toggle(end.id)}
            />{end.position}
          </label>
        {/each}
      </div>
    </fieldset>
    <Field
      class="tab:col-span-2"
      label="Note"
      autocomplete="off"
      bind:value={note}
      error={rig.attempt.fieldError('note')}
    />
    {#if rig.attempt.problem}
      <p class="text-label font-semibold text-oxide tab:col-span-2" role="alert">
        {rig.attempt.rest((field) => field === 'on' || field === 'note')}
      </p>
    {/if}
    <Button tone="main" type="submit" disabled={rig.attempt.busy}>Write it down</Button>
    <Button
      onclick={() => {
        open = false
      }}>Not now</Button
    >
  </form>
{:else}
  <div><Button onclick={begin}>Something was done outside a job</Button></div>
{/if}
