<script lang="ts">
  import type { Schemas } from '$api/request'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import { Tick } from '$ui/tick'
  import AfterDriveFound from './AfterDriveFound.svelte'
  import type { AfterDrive } from './after-drive.svelte'
  import type { Road } from './road.svelte'

  interface Props {
    after: AfterDrive
    road: Road
    /** What its setting adds to the hub's warmth; none while there is no chart. */
    added?: Schemas['AddedHeatView'] | undefined
  }

  let { after, road, added }: Props = $props()

  const unit = $derived(road.metric ? '°C' : '°F')
  const spins = [
    { value: 'NOT_TRIED', label: 'not tried yet' },
    { value: 'FREE', label: 'free' },
    { value: 'STIFF', label: 'stiff all round' },
    { value: 'RUBS', label: 'rubs: a brake' },
    { value: 'GROWLS', label: 'growls, grinds' },
  ] as const
  const toggles = [
    { key: 'braked', label: 'braked lately' },
    { key: 'brakeHotter', label: 'brake hotter than hub' },
  ] as const

  const ask = (): void => void after.ask(road.outside, road.metric)
</script>

<section aria-labelledby="after" class="flex flex-col gap-3 border-t-2 border-ink pt-3">
  <h2 id="after" class="type-h">After the drive</h2>
  <div class="grid grid-cols-3 gap-3">
    <NumberField
      label={`This hub, ${unit}`}
      bind:value={after.hub}
      oninput={ask}
      error={after.fieldError('hub.number')}
    />
    <NumberField
      label={`Other side, ${unit}`}
      bind:value={after.other}
      oninput={ask}
      error={after.fieldError('otherSide.number')}
    />
    <NumberField
      label="Driven, km"
      bind:value={after.kilometres}
      oninput={ask}
      error={after.fieldError('kilometres')}
    />
  </div>
  <NumberField
    label={`Play measured now, ${road.metric ? 'mm' : 'thou'}`}
    hint="where it was: heat never tells a loose hub"
    bind:value={after.play}
    oninput={ask}
    error={after.fieldError('playNow.number')}
  />
  <div class="flex flex-wrap items-end gap-2">
    <Pick
      label="Raised, it spins"
      class="min-w-44 flex-1"
      options={spins}
      value={after.spin}
      onchange={(spin) => {
        after.spin = spin
        ask()
      }}
    />
    {#each toggles as toggle (toggle.key)}
      <Tick
        class="rounded-plate border border-ink bg-sheet px-3 font-semibold"
        checked={after[toggle.key]}
        onchange={(checked) => {
          after[toggle.key] = checked
          ask()
        }}>{toggle.label}</Tick
      >
    {/each}
  </div>
  {#if added}
    <p class="text-label">
      At {road.speed} km/h its setting <b>{added.words}</b>. The rest is sun, brakes, seal or
      grease.
    </p>
  {/if}
  {#if after.found}<AfterDriveFound found={after.found} />{/if}
  <p class="text-label text-ink2">
    Back of the hand near it first: a hot hub burns. A loose hub stays cool: rock it, too.
  </p>
</section>
