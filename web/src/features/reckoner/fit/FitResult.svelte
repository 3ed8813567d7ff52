<script lang="ts">
  import type { Schemas } from '$api/request'
  import { BothUnits, display, figure, leadingLength } from '$features/display'
  import { Mark, type MarkShape } from '$ui/mark'
  import { howLong, temperature } from '$features/reckoner/shared'
  import WarmChart from './WarmChart.svelte'

  interface Props {
    found: Schemas['CupFitView'] | null
    hubState: Schemas['CupFitForm']['hubState']
  }

  let { found, hubState }: Props = $props()

  const marks: Record<Schemas['CupFitView']['verdict'], MarkShape> = {
    WRONG_CUP: 'never',
    SPINS: 'never',
    LIGHT: 'outside',
    NORMAL: 'good',
    HEAVY: 'overdue',
    TOO_MUCH: 'never',
  }
  const metric = $derived(display.leading === 'metric')
</script>

{#if found}
  <div class="grid grid-cols-[auto_1fr] items-end gap-x-6 gap-y-1" role="status">
    <div>
      <p class="text-label font-semibold">
        {found.interference.millimetres < 0 ? 'Loose by, on diameter' : 'Tight by, on diameter'}
      </p>
      <BothUnits
        size="reading"
        length={{
          millimetres: Math.abs(found.interference.millimetres),
          thousandths: Math.abs(found.interference.thousandths),
        }}
      />
    </div>
    <div class="pb-1">
      <p class="flex items-center gap-2.5 type-h">
        <Mark shape={marks[found.verdict]} size={32} />
        <span class="first-letter:uppercase">{found.verdictWords}</span>
      </p>
      <p class="text-label">
        somewhere between {leadingLength(found.least)} and {leadingLength(found.most)}; it needs {leadingLength(
          found.needs,
        )} to hold under {figure(found.load.kilonewtons)} kN ({figure(found.load.poundsForce)} lbf)
      </p>
    </div>
  </div>
  {#if found.open}
    <p class="border-l-4 border-brass bg-brass-wash px-3 py-2 font-semibold">
      These sizes leave it open: it may turn out tighter or looser than that. Measure cup and bore,
      each with a micrometer, crosswise.
    </p>
  {/if}
  {#if found.verdict === 'WRONG_CUP' && found.wouldFit.length > 0}
    <p class="text-read">
      Cups that would sit right in this bore:
      <b class="type-num">{found.wouldFit.join(', ')}</b>. Read the number on the cup again.
    </p>
  {/if}
  {#if found.pressed}
    {@const pressed = found.pressed}
    <dl class="grid grid-cols-2 border border-ink bg-sheet tab:grid-cols-4">
      {#each [{ term: 'To push it home', value: `${figure(pressed.force.kilonewtons)} kN`, other: `${figure(pressed.force.poundsForce)} lbf` }, { term: 'How', value: found.wayWords, other: '' }, { term: 'Stretch of the hub', value: `${figure(pressed.hoopMegapascals)} MPa`, other: `of ${figure(pressed.hoopLimitMegapascals)} it may bear` }, { term: 'Race closes in by', value: leadingLength(pressed.raceShrinks), other: `pressure ${figure(pressed.pressureMegapascals)} MPa` }] as one (one.term)}
        <div class="border-r border-b border-rule px-3 py-2">
          <dt class="text-min text-ink2">{one.term}</dt>
          <dd class="leading-tight font-semibold">{one.value}</dd>
          {#if one.other}<dd class="text-min text-ink2">{one.other}</dd>{/if}
        </div>
      {/each}
    </dl>
    <p class="text-min text-ink2">
      Estimate by Lamé’s rings, friction 0.12; the inside of the cup and what the hub may bear are
      assumed.{#if found.looseAt}
        This hub grows more than the cup: at {temperature(found.looseAt, metric)} the fit is gone.{/if}
    </p>
  {/if}
  {#if found.warm}
    {@const warm = found.warm}
    {#if warm.now}
      <p class="flex flex-wrap items-center gap-x-3 border-2 border-ink bg-sheet px-3 py-2">
        <Mark shape={warm.now.dropsIn ? 'good' : 'outside'} size={28} />
        <span class="type-card">{warm.now.dropsIn ? 'Drops in now' : 'Does not drop in yet'}</span>
        <span
          >{warm.now.clearance.millimetres < 0 ? 'still tight by' : 'clear by'}
          {leadingLength({
            millimetres: Math.abs(warm.now.clearance.millimetres),
            thousandths: Math.abs(warm.now.clearance.thousandths),
          })}{warm.now.dropsIn
            ? warm.now.secondsLeft === undefined
              ? '; the cup need not hurry'
              : `; ${howLong(warm.now.secondsLeft)} before the cup has warmed`
            : ''}</span
        >
      </p>
    {/if}
    <WarmChart {warm} />
    <table class="w-full border-t-2 border-ink text-left">
      <caption class="sr-only">Hub temperature from which the cup drops in</caption>
      <thead class="text-min text-ink2">
        <tr>
          <th class="py-1 font-normal">Cup</th>
          <th class="py-1 pr-4 font-normal whitespace-nowrap">drops in from a hub at</th>
          <th class="py-1 font-normal whitespace-nowrap">to carry it, at most</th>
        </tr>
      </thead>
      <tbody>
        {#each warm.colds as cold (cold.cold)}
          <tr class="border-t border-rule">
            <td class="py-1.5">{cold.words}, {temperature(cold.cup, metric)}</td>
            <td class="py-1.5 pr-4 type-num font-semibold whitespace-nowrap"
              >{temperature(cold.dropsInAt, metric)}</td
            >
            <td class="py-1.5 whitespace-nowrap">
              {cold.withinLimit
                ? cold.secondsLeft === undefined
                  ? 'no hurry'
                  : howLong(cold.secondsLeft)
                : 'too hot for this hub'}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="text-min text-ink2">
      {hubState === 'BARE' ? 'Limit' : 'Limit here'}
      {temperature(warm.limit, metric)}: {warm.limitWhy}. Reckoned for the tightest this fit may be,
      with {leadingLength(warm.dropIn)} to spare. Press the cup home and hold it until it grips.
    </p>
  {/if}
{:else}
  <h2 class="type-say">Cup, bore, hub</h2>
  <p class="max-w-[48ch] text-read">
    Measure the cup’s outside, the bore, and the hub round it: you get how tight it sits, whether to
    hammer, press or warm it, and how warm and cold is enough.
  </p>
  <p class="max-w-[48ch]">
    A new cup needs no measuring: name its set. Half a hundredth of a millimetre counts here, so use
    a micrometer where you can.
  </p>
{/if}
