<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { number, NumberField } from '$ui/number-field'

  interface Props {
    /** Rates are the owner's to set. */
    editable: boolean
  }

  let { editable }: Props = $props()

  const attempt = new Attempt()
  const fields = [
    { key: 'hour', label: 'An hour of work', hint: '' },
    { key: 'sundries', label: 'Sundries a job', hint: 'rags, solvent, oil' },
    { key: 'standingDay', label: 'A rig standing, a day', hint: 'while it waits for a part' },
  ] as const
  let rates = $state.raw<Schemas['RatesView'] | null>(null)
  let typed = $state({ hour: '', sundries: '', standingDay: '' })
  let saved = $state(false)

  const take = (view: Schemas['RatesView']): void => {
    rates = view
    typed = {
      hour: view.hour?.toFixed(2) ?? '',
      sundries: view.sundries?.toFixed(2) ?? '',
      standingDay: view.standingDay?.toFixed(2) ?? '',
    }
  }

  onMount(() => {
    void attempt.run(async () => take(await api.rates()))
  })

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    saved = await attempt.run(async () =>
      take(
        await api.setRates({
          hour: number(typed.hour) ?? -1,
          sundries: number(typed.sundries) ?? -1,
          standingDay: number(typed.standingDay) ?? -1,
          version: rates?.version ?? 0,
        }),
      ),
    )
  }
</script>

<section aria-labelledby="rates">
  <h2 id="rates" class="type-h">What our time costs</h2>
  <p class="text-label text-ink2">
    In your own currency. Before a job it says what adjusting, repacking, renewing and exchanging
    would come to.
  </p>
  <form onsubmit={save} class="mt-1 grid gap-3 border-t-2 border-ink pt-2 tab:grid-cols-3">
    {#each fields as field (field.key)}
      <NumberField
        label={field.label}
        hint={field.hint}
        disabled={!editable}
        bind:value={typed[field.key]}
        oninput={() => {
          saved = false
        }}
        error={attempt.fieldError(field.key)}
      />
    {/each}
    {#if editable}
      <p class="flex items-center gap-3 tab:col-span-3">
        <Button type="submit" size="list">Keep these</Button>
        {#if saved}<span role="status">Kept.</span>{/if}
      </p>
    {/if}
    {#if attempt.problem}
      <p role="alert" class="font-semibold text-oxide tab:col-span-3">
        {attempt.rest((name) => fields.some((field) => field.key === name))}
      </p>
    {/if}
  </form>
</section>
