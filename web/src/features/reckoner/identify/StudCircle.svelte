<script lang="ts">
  import { api } from './api'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { display, leadingSize, otherSize } from '$features/display'
  import { WithSizes } from '$features/calliper'
  import { number } from '$ui/number-field'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'

  interface Props {
    axleTubes: string[]
  }

  let { axleTubes }: Props = $props()

  const attempt = new Attempt()
  const tubes = $derived([
    { value: '', label: 'not looked at' },
    ...axleTubes.map((tube) => ({ value: tube, label: tube })),
  ])
  let tube = $state('')
  const counts = ['4', '5', '6', '8'].map((value) => ({ value, label: value }))
  const units = [
    { value: 'MILLIMETRE', label: 'mm' },
    { value: 'INCH', label: 'in' },
  ] as const
  let studs = $state('5')
  let text = $state('')
  let unit = $state<'MILLIMETRE' | 'INCH'>(display.leading === 'metric' ? 'MILLIMETRE' : 'INCH')
  let found = $state.raw<Schemas['StudCircleView'] | null>(null)

  async function ask(): Promise<void> {
    const distance = number(text)
    if (distance === null) {
      found = null
      return
    }
    const done = await attempt.run(async () => {
      found = await api.studCircle({
        studs: Number(studs),
        distance: { number: distance, unit },
        instrument: 'CALLIPER',
        ...(tube === '' ? {} : { axleTube: tube }),
      })
    })
    if (!done) found = null
  }
</script>

<section aria-labelledby="studs" class="flex flex-col gap-3">
  <h2 id="studs" class="type-h">Stud circle</h2>
  <WithSizes drawing="studs">
    <div class="flex flex-wrap items-start gap-3">
      <div class="flex flex-col gap-1">
        <span class="text-label font-semibold">Studs</span>
        <Choice
          label="Studs"
          options={counts}
          value={studs}
          onchange={(count) => {
            studs = count
            void ask()
          }}
        />
      </div>
      <Field
        class="w-56"
        label="Two neighbours, middle to middle"
        data-size="distance"
        inputmode="decimal"
        autocomplete="off"
        bind:value={text}
        oninput={() => void ask()}
        error={text.trim() !== '' && number(text) === null
          ? 'A plain number, such as 67.2'
          : attempt.fieldError('distance.number')}
      />
      <Choice
        class="mt-[22px]"
        label="Unit of the distance"
        options={units}
        value={unit}
        onchange={(next) => {
          unit = next
          void ask()
        }}
      />
    </div>
  </WithSizes>
  <Pick
    class="max-w-56"
    label="Axle tube or bar"
    options={tubes}
    value={tube}
    onchange={(next) => {
      tube = next
      void ask()
    }}
  />
  {#if found}
    <p>
      <span class="text-label">The circle is</span>
      <span class="type-num text-h font-bold">{leadingSize(found.diameter)}</span>
      <span class="type-num text-ink2">{otherSize(found.diameter)}</span>
      <span class="text-label text-ink2">± {leadingSize(found.uncertainty)}</span>
    </p>
    {#if found.usualHubs.length > 0}
      <p class="text-label">
        Hubs usual with it. A hint and no more: hubs and axles get mixed, so measure the bearing.
      </p>
      <ul class="border-t-2 border-ink text-label">
        {#each found.usualHubs as hub (hub.axleRating)}
          <li class="border-b border-rule py-1.5">
            <span class="font-semibold">{hub.axleRating} axle, {hub.axleTube} tube:</span>
            <span class="type-num">{hub.inboard}</span> inboard,
            <span class="type-num">{hub.outboard}</span> outboard
          </li>
        {/each}
      </ul>
    {:else}
      <p class="text-label text-ink2">
        No trailer hub is usual with that{tube === '' ? '' : ' on this tube'}.
      </p>
    {/if}
  {/if}
</section>
