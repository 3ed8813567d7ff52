<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingLength, leadingSize, otherLength, otherSize } from '$features/display'
  import { OwnTools } from '$features/reckoner/shared'
  import { SeatedFace } from '$features/reckoner/race'
  import { Mark } from '$ui/mark'
  import type { Aids } from './aids.svelte'
  import type { Readings } from '$features/bench/job'

  interface Props {
    race: Schemas['RaceAidView']
    /** Whether the set was read, and not only usual here. */
    known: boolean
    aids: Aids
    readings: Readings
  }

  let { race, known, aids, readings }: Props = $props()

  const marks = {
    SEATED: 'good',
    DRIVE_ON: 'soon',
    COCKED: 'outside',
    START_AGAIN: 'never',
  } as const

  // the keypad types elsewhere: the server judges the gaps whenever one changed
  $effect(() => {
    void aids.judge(readings.forms())
  })
</script>

<p>
  <span class="block text-label font-semibold"
    >Driver for cup {race.cup}{known ? '' : ', if it is the usual one'}, outside</span
  >
  <span class="type-num text-[26px] leading-tight font-semibold"
    >{leadingSize(race.driverLeast)} to {leadingSize(race.driverMost)}</span
  >
  <span class="block type-num text-label text-ink2"
    >{otherSize(race.driverLeast)} to {otherSize(race.driverMost)}</span
  >
</p>
<div class="mt-1"><OwnTools own={race.own} /></div>
<p class="mt-1 text-label">
  {#if race.grindOff}
    Old cup as driver: <b>{leadingLength(race.grindOff)}</b> ({otherLength(race.grindOff)}) off its
    outside, on diameter, and it will not stick.
  {:else}
    Old cup as driver: once the bore is measured on the hub’s page, what to grind off stands here.
  {/if}
</p>
<div class="mt-2 grid grid-cols-[1fr_92px] items-center gap-3 border-t border-rule pt-2">
  <div>
    {#if aids.said?.seated}
      <p class="flex items-center gap-2.5" role="status">
        <Mark shape={marks[aids.said.seated.verdict]} size={30} />
        <span class="type-card first-letter:uppercase"
          >{aids.said.seated.words}{aids.said.seated.verdict === 'COCKED'
            ? `, at ${aids.said.seated.highSide} o’clock`
            : ''}</span
        >
      </p>
    {:else}
      <p class="text-label">
        In doubt, feel behind it with the gauge at 12, 3, 6 and 9 o’clock and type the gaps below: 0
        where nothing goes in.
      </p>
    {/if}
  </div>
  <SeatedFace high={aids.said?.seated?.verdict === 'COCKED' ? aids.said.seated.highSide : ''} />
</div>
