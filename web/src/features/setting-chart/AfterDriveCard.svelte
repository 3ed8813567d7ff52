<script lang="ts">
  import type { Schemas } from '$api/client'
  import { Mark } from '$ui/mark'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import type { AfterDrive } from './after-drive.svelte'
  import type { Road } from './road.svelte'

  interface Props {
    after: AfterDrive
    road: Road
    /** What the model expects of this hub at the road's speed; none while there is no chart. */
    expected?: Schemas['TemperatureView'] | undefined
  }

  let { after, road, expected }: Props = $props()

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
  const marks = {
    FINE: 'good',
    WATCH: 'soon',
    SPIN_IT: 'outside',
    TOO_TIGHT: 'outside',
    MEASURE_ANEW: 'outside',
    DRAGGING_BRAKE: 'outside',
    DRY: 'never',
    BRAKED: 'soon',
    TOO_SHORT: 'soon',
    SPOILT: 'never',
  } as const

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
      <label
        class="flex min-h-11 cursor-pointer items-center gap-2 rounded-plate border border-ink bg-sheet px-3 font-semibold"
      >
        <input
          type="checkbox"
          class="size-5 accent-grease-fill"
          bind:checked={after[toggle.key]}
          onchange={ask}
        />
        {toggle.label}
      </label>
    {/each}
  </div>
  {#if expected}
    <p class="text-label">
      At {road.speed} km/h without braking the model expects about
      <b class="type-num"
        >{Math.round(road.metric ? expected.celsius : expected.fahrenheit)} {unit}</b
      >
      of it, {road.outside}
      {unit} outside.
    </p>
  {/if}
  {#if after.found}
    <p class="flex items-center gap-2.5" role="status">
      <Mark shape={marks[after.found.verdict]} size={30} />
      <span class="type-card first-letter:uppercase">{after.found.words}</span>
    </p>
    {#if after.found.foundLoose}
      <p class="flex items-center gap-2.5">
        <Mark shape="outside" size={30} />
        <span class="type-card">Too loose, by the play measured now.</span>
      </p>
    {/if}
    {#if after.found.correction}<p class="text-read">{after.found.correction}</p>{/if}
    <h3 class="type-card">Look at again</h3>
    <ol class="border-t border-rule">
      {#each after.found.recheck as line, i (line)}
        <li class="flex gap-3 border-b border-rule py-1.5">
          <span class="w-4 flex-none type-num font-bold">{i + 1}</span>{line}
        </li>
      {/each}
    </ol>
  {/if}
  <p class="text-label text-ink2">
    A hub over 50 °C (122 °F) burns at a touch that lasts. A loose hub stays cool: rock it, too.
  </p>
</section>
