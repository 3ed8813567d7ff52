<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { leadingLength, now } from '$features/display'
  import { Play, PlayReadings } from '$features/play'
  import { Button } from '$ui/button'
  import { number, NumberField } from '$ui/number-field'

  interface Props {
    wheelEndId: string
  }

  let { wheelEndId }: Props = $props()

  const attempt = new Attempt()
  let shown = $state.raw<Schemas['PlayShownView'] | null>(null)
  let play = $state.raw<Play | null>(null)
  let kilometres = $state('')
  /** When this reading was first sent: a save tried twice tells the same, and is one. */
  let at = ''

  const day = (at: string): string => new Date(at).toLocaleDateString('en-GB')

  onMount(() => {
    void attempt.run(async () => {
      shown = await api.playChecks(wheelEndId)
    })
  })

  function begin(): void {
    at = ''
    play = new Play(wheelEndId)
  }

  async function save(): Promise<void> {
    play?.add()
    const readings = play?.form()
    if (!readings) return
    const driven = number(kilometres)
    at ||= now()
    const saved = await attempt.once('reading', async (id) => {
      shown = await api.addPlayCheck(wheelEndId, {
        id,
        checkedAt: at,
        readings,
        ...(driven === null ? {} : { kilometres: driven }),
      })
    })
    if (saved) play = null
    if (attempt.problem?.status === 409) at = ''
  }
</script>

<section aria-labelledby="again" class="flex flex-col gap-2 border-t-2 border-ink pt-3">
  <h2 id="again" class="type-h">Measured again</h2>
  {#if shown?.settling}
    <p class="text-read">
      Its bearings {shown.settling.gains.millimetres < 0 ? 'lost' : 'gained'}
      <b class="type-num">{leadingLength(shown.settling.gains).replace('−', '')}</b> when they
      settled,
      {shown.settling.times === 1 ? 'seen once' : `the middle of ${shown.settling.times} times`}.
    </p>
  {/if}
  {#each shown?.checks ?? [] as check (check.id)}
    <p class="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1.5">
      <span
        >{day(check.checkedAt)}, {check.checkedBy}{check.kilometres === undefined
          ? ''
          : `, after ${Math.round(check.kilometres)} km`}</span
      >
      <span class="type-num font-semibold"
        >{leadingLength(check.endPlay)}
        <span class="font-normal text-ink2">± {leadingLength(check.uncertainty)}</span></span
      >
    </p>
  {:else}
    <p class="text-ink2">
      New bearings settle on their first run. Measure once more then: the change is learned for this
      hub.
    </p>
  {/each}
  {#if play}
    <PlayReadings {play} />
    <NumberField
      label="Driven since it was set, km"
      bind:value={kilometres}
      error={attempt.fieldError('kilometres')}
    />
    {#if attempt.problem}
      <p role="alert" class="font-semibold text-oxide">
        {attempt.rest((field) => field === 'kilometres')}
      </p>
    {/if}
    <div class="flex gap-2">
      <Button tone="main" disabled={attempt.busy} onclick={() => void save()}
        >Put it on record</Button
      >
      <Button
        onclick={() => {
          play = null
        }}>Leave it</Button
      >
    </div>
  {:else}
    <Button size="list" class="self-start" onclick={begin}>Measure the play again</Button>
  {/if}
</section>
