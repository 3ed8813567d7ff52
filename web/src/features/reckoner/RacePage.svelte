<script lang="ts">
  import { onMount } from 'svelte'
  import { api } from '$api/client'
  import { leadingLength } from '$features/display'
  import { keys } from '$features/keys'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import Answer from './Answer.svelte'
  import DriverCard from './DriverCard.svelte'
  import { noNumber, soon, units } from './entries'
  import { Race } from './race.svelte'
  import ReckonerTabs from './ReckonerTabs.svelte'
  import SeatedCard from './SeatedCard.svelte'

  const race = new Race()
  const { driver, seated, cone, sealLand } = race
  const ask = soon(() => race.askAll())
  let sets = $state.raw<string[]>([])

  const coneMark = {
    SLIPS: 'good',
    TIGHT: 'outside',
    CREEPS: 'soon',
    WORN: 'never',
    WRONG_CONE: 'never',
  } as const
  const landMark = {
    POLISH: 'good',
    SET_BESIDE: 'soon',
    SLEEVE: 'outside',
    SPINDLE: 'never',
  } as const

  onMount(() => {
    void api.fitReference().then((reference) => {
      sets = reference.sets.map((set) => set.designation)
    })
    return keys.add([
      {
        keys: ['m', 'M'],
        does: 'To the first reading',
        run: () => document.querySelector<HTMLInputElement>('[data-reading="set"]')?.focus(),
      },
    ])
  })
</script>

<svelte:head><title>Driver, seat, seal · Old Tallow</title></svelte:head>

<ReckonerTabs />
<datalist id="race-sets">
  {#each sets as set (set)}<option value={set}></option>{/each}
</datalist>
<div class="px-4 py-4 desk:px-5">
  <div class="mb-3 flex flex-wrap items-center justify-between gap-3">
    <h1 class="type-say">Driver, seat, seal</h1>
    <Choice
      label="Unit of the readings"
      options={units}
      value={race.unit}
      onchange={(unit) => {
        race.unit = unit
        race.askAll()
      }}
    />
  </div>
  <div class="grid border-t border-l border-ink desk:grid-cols-2">
    <DriverCard {driver} onedit={ask} />
    <div class="flex flex-col border-r border-ink">
      <SeatedCard {seated} onedit={ask} />
      <section aria-labelledby="cone" class="flex flex-col gap-3 border-b border-ink p-4">
        <h2 id="cone" class="type-h">Does the cone slip on its seat?</h2>
        <div class="grid grid-cols-2 gap-3">
          <Field
            label="Set, cone/cup"
            list="race-sets"
            autocomplete="off"
            bind:value={cone.set}
            oninput={ask}
            error={cone.fieldError('set')}
          />
          <Field
            label="Seat on the spindle"
            hint="with a micrometer"
            inputmode="decimal"
            autocomplete="off"
            bind:value={cone.seat}
            oninput={ask}
            error={noNumber(cone.seat) || cone.fieldError('seat.number')}
          />
        </div>
        {#if cone.found}
          <Answer
            mark={coneMark[cone.found.verdict]}
            words={`${cone.found.words}. ${cone.found.clearance.millimetres < 0 ? 'Tight' : 'Clear'} by ${leadingLength(
              {
                millimetres: Math.abs(cone.found.clearance.millimetres),
                thousandths: Math.abs(cone.found.clearance.thousandths),
              },
            )}${cone.found.open ? '; too close to tell, measure again' : ''}`}
          />
        {/if}
      </section>
      <section aria-labelledby="land" class="flex flex-col gap-3 border-b border-ink p-4">
        <h2 id="land" class="type-h">A groove where the seal runs?</h2>
        <div class="grid grid-cols-2 gap-3">
          <Field
            label="Depth of the groove"
            inputmode="decimal"
            autocomplete="off"
            bind:value={sealLand.depth}
            oninput={ask}
            error={noNumber(sealLand.depth) || sealLand.fieldError('depth.number')}
          />
          <Field
            label="Room to set the seal beside it"
            inputmode="decimal"
            autocomplete="off"
            bind:value={sealLand.room}
            oninput={ask}
            error={noNumber(sealLand.room) || sealLand.fieldError('room.number')}
          />
        </div>
        {#if sealLand.found}
          <Answer mark={landMark[sealLand.found.remedy]} words={sealLand.found.words} />
        {/if}
        <p class="text-label text-ink2">
          Seal: open, spring side towards the grease, flat side out; driven on its rim, never on the
          lip or the tone ring. What is marked on it governs.
        </p>
      </section>
    </div>
  </div>
</div>
