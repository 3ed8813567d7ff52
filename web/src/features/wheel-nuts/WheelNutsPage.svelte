<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { ReckonerTabs } from '$features/reckoner/shared'
  import { Choice } from '$ui/choice'
  import { NumberField, number } from '$ui/number-field'
  import { ProblemCard } from '$ui/problem-card'
  import WheelNutsCard from './WheelNutsCard.svelte'

  const attempt = new Attempt()
  const counts = ['3', '4', '5', '6', '7', '8', '9', '10'] as const
  let studs = $state<(typeof counts)[number]>('5')
  let least = $state('100')
  let most = $state('120')
  let unit = $state<'NEWTON_METRE' | 'POUND_FORCE_FOOT'>('NEWTON_METRE')
  let diameter = $state('12')
  let pitch = $state('1.5')
  let series = $state<'METRIC' | 'UNIFIED'>('METRIC')
  let thread = $state<'DRY' | 'OILED'>('DRY')
  let nuts = $state.raw<Schemas['WheelNutsView'] | null>(null)

  const form = $derived.by((): Schemas['WheelNutsForm'] => {
    const from = number(least)
    const to = number(most)
    const d = number(diameter)
    const p = number(pitch)
    return {
      studs: Number(studs),
      series,
      thread,
      ...(from === null ? {} : { least: { number: from, unit } }),
      ...(to === null ? {} : { most: { number: to, unit } }),
      ...(d === null ? {} : { diameter: { number: d, unit: 'MILLIMETRE' as const } }),
      ...(p === null ? {} : { pitch: { number: p, unit: 'MILLIMETRE' as const } }),
    }
  })

  async function reckon(): Promise<void> {
    const asked = form
    await attempt.run(async () => {
      const told = await api.wheelNuts(asked)
      if (asked === form) nuts = told
    })
  }

  onMount(() => void reckon())
</script>

<svelte:head><title>Wheel nuts · Old Tallow</title></svelte:head>

<ReckonerTabs />
<div class="flex flex-col gap-4 px-4 py-4 desk:px-5">
  <h1 class="type-say">Which nut, and how hard?</h1>
  <div class="grid gap-6 desk:grid-cols-[minmax(0,4fr)_minmax(0,7fr)]">
    <div class="flex flex-col gap-3" oninput={() => void reckon()}>
      <Choice
        class="flex-wrap"
        label="Nuts"
        options={counts.map((value) => ({ value, label: value }))}
        value={studs}
        onchange={(next) => {
          studs = next
          void reckon()
        }}
      />
      <div class="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        <NumberField
          label="Torque from"
          bind:value={least}
          error={attempt.fieldError('least.number') || attempt.fieldError('least')}
        />
        <NumberField
          label="to"
          bind:value={most}
          error={attempt.fieldError('most.number') || attempt.fieldError('most')}
        />
        <Choice
          label="Unit"
          options={[
            { value: 'NEWTON_METRE', label: 'N·m' },
            { value: 'POUND_FORCE_FOOT', label: 'lbf·ft' },
          ]}
          value={unit}
          onchange={(next) => {
            unit = next
            void reckon()
          }}
        />
      </div>
      <div class="grid grid-cols-2 gap-2">
        <NumberField
          label="Stud, mm"
          bind:value={diameter}
          error={attempt.fieldError('diameter.number')}
        />
        <NumberField
          label="Pitch, mm"
          bind:value={pitch}
          error={attempt.fieldError('pitch.number')}
        />
      </div>
      <div class="flex flex-wrap gap-3">
        <Choice
          label="Thread"
          options={[
            { value: 'METRIC', label: 'metric' },
            { value: 'UNIFIED', label: 'inch' },
          ]}
          value={series}
          onchange={(next) => {
            series = next
            void reckon()
          }}
        />
        <Choice
          label="What is on it"
          options={[
            { value: 'DRY', label: 'clean and dry' },
            { value: 'OILED', label: 'oiled' },
          ]}
          value={thread}
          onchange={(next) => {
            thread = next
            void reckon()
          }}
        />
      </div>
      {#if nuts?.clamp}
        <p class="border-t border-rule pt-2 text-label">
          Each stud pulls about <span class="font-bold">{nuts.clamp.kilonewtons.toFixed(1)} kN</span
          >
          at the upper torque, {Math.round(nuts.stressMegapascals ?? 0)} N/mm²: an estimate, friction
          decides.
          {#each nuts.strengths as one (one.strength)}
            <span class={['block', one.verdict !== 'HOLDS' && 'font-semibold text-oxide']}
              ><span class="type-num">{Math.round(one.ofProof * 100)} %</span> of proof on {one.strength}:
              {one.words}</span
            >
          {/each}
          {#if (nuts.overDry ?? 1) > 1}
            <span class="block font-semibold text-oxide"
              >Oil makes the same torque pull a third harder: studs stretch and break. Printed
              torques are for clean dry threads unless the maker says otherwise.</span
            >
          {/if}
        </p>
      {/if}
    </div>
    <div class="flex flex-col gap-4">
      {#if nuts}
        {#if nuts.strengths.length > 0 && nuts.strengths.every((one) => one.verdict === 'YIELDS')}
          <ProblemCard title="No stud of this size stands that">
            <p>
              Even the strongest class stretches for good or breaks. Look at the torque and its unit
              again.
            </p>
          </ProblemCard>
        {/if}
        {#key studs}<WheelNutsCard {nuts} />{/key}
        <section aria-labelledby="seats">
          <h2 id="seats" class="type-h">Look at the seat first</h2>
          <dl class="mt-1 border-t-2 border-ink text-label">
            {#each nuts.seats as seat (seat.seat)}
              <div class="grid grid-cols-[9rem_1fr] border-b border-rule py-1.5">
                <dt class="font-semibold">{seat.words}</dt>
                <dd>{seat.look}</dd>
              </div>
            {/each}
          </dl>
        </section>
      {/if}
    </div>
  </div>
</div>
