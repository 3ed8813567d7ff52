<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingLength, leadingSize, otherSize } from '$features/display'
  import { Mark } from '$ui/mark'
  import type { Aids } from './aids.svelte'
  import type { Readings } from '$features/bench/job'

  interface Props {
    view: Schemas['AidsView']
    aids: Aids
    readings: Readings
  }

  let { view, aids, readings }: Props = $props()

  const races = $derived([
    { where: 'Inboard', race: view.inboard },
    { where: 'Outboard', race: view.outboard },
  ])
  const apart = (larger: Schemas['LengthView']): string =>
    larger.millimetres === 0
      ? 'the same size: only its number tells'
      : `${leadingLength({
          millimetres: Math.abs(larger.millimetres),
          thousandths: Math.abs(larger.thousandths),
        })} ${larger.millimetres < 0 ? 'smaller' : 'larger'}`

  // the keypad types elsewhere: the server judges the size whenever it changed
  $effect(() => {
    void aids.judge(readings.forms())
  })
</script>

{#each races as { where, race } (where)}
  <div class="mb-2">
    <p class="flex items-baseline justify-between gap-3">
      <span class="font-semibold">{where}: cup {race.cup}</span>
      <span class="flex-none text-right leading-tight">
        <span class="block type-num text-[26px] font-semibold">{leadingSize(race.cupOutside)}</span>
        <span class="block type-num text-label text-ink2">{otherSize(race.cupOutside)}</span>
      </span>
    </p>
    {#if race.nearTwins.length > 0}
      <p class="text-label">
        Near-twins: {race.nearTwins.map((twin) => `${twin.cup}, ${apart(twin.larger)}`).join('; ')}.
      </p>
    {/if}
  </div>
{/each}
{#if !view.bearingsKnown}
  <p class="text-label font-semibold">The usual cups: nobody has read this hub’s numbers yet.</p>
{/if}
{#if aids.said?.rightCup}
  <p class="flex items-center gap-2.5 border-t border-rule pt-2" role="status">
    <Mark shape={aids.said.rightCup.right ? 'good' : 'never'} size={30} />
    <span class="type-card">{aids.said.rightCup.words}</span>
  </p>
{/if}
