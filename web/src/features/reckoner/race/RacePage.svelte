<script lang="ts">
  import { onMount } from 'svelte'
  import { leadingLength } from '$features/display'
  import { BearingPicker } from '$features/bearing'
  import { WithSizes } from '$features/calliper'
  import { keys } from '$features/keys'
  import { Choice } from '$ui/choice'
  import { NumberField } from '$ui/number-field'
  import { Answer, Begins, ReckonerTabs, soon, units } from '$features/reckoner/shared'
  import DriverCard from './DriverCard.svelte'
  import { Race } from './race.svelte'
  import SeatedCard from './SeatedCard.svelte'

  const race = new Race()
  const { driver, seated, cone } = race
  const ask = soon(() => race.askAll())

  const coneMark = {
    SLIPS: 'good',
    TIGHT: 'outside',
    CREEPS: 'soon',
    WORN: 'never',
    WRONG_CONE: 'never',
  } as const
  onMount(() => {
    void race.begin()
    return keys.add([
      {
        keys: ['m', 'M'],
        does: 'To the first reading',
        run: () => document.querySelector<HTMLInputElement>('[data-reading="set"]')?.focus(),
      },
    ])
  })
</script>

<svelte:head><title>Driver and seat · Old Tallow</title></svelte:head>

<ReckonerTabs />
<div class="px-4 py-4 desk:px-5">
  <div class="mb-3 flex flex-wrap items-center justify-between gap-3">
    <h1 class="type-say">Driver and seat</h1>
    <Choice
      label="Unit of the readings"
      options={units}
      value={race.unit}
      onchange={(unit) => {
        race.unit = unit
        if (race.from === 'EXAMPLE') race.example()
        else race.askAll()
      }}
    />
  </div>
  <Begins from={race.from} onown={() => race.clear()}>
    <div class="grid border-t border-l border-ink desk:grid-cols-2">
      <DriverCard {driver} onedit={ask} />
      <div class="flex flex-col border-r border-ink">
        <SeatedCard {seated} onedit={ask} />
        <section aria-labelledby="cone" class="flex flex-col gap-3 border-b border-ink p-4">
          <h2 id="cone" class="type-h">Does the cone slip on its seat?</h2>
          <WithSizes drawing="seat">
            <div class="grid grid-cols-2 gap-3">
              <div class="col-span-2">
                <BearingPicker
                  label="Set, cone/cup"
                  value={cone.set}
                  onchange={(set) => {
                    cone.set = set
                    ask()
                  }}
                  error={cone.fieldError('set')}
                />
              </div>
              <NumberField
                label="Seat on the spindle"
                data-size="seat"
                hint="with a micrometer"
                bind:value={cone.seat}
                oninput={ask}
                error={cone.fieldError('seat.number')}
              />
            </div>
          </WithSizes>
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
      </div>
    </div>
  </Begins>
</div>
