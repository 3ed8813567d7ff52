<script lang="ts">
  import type { Schemas } from '$api/request'
  import { date } from '$features/display'
  import { DAY } from '$ui/chart'

  interface Props {
    weeks: Schemas['WeekView'][]
    today: string
  }

  let { weeks, today }: Props = $props()

  const most = $derived(Math.max(60, ...weeks.map((week) => week.minutes)))
  const hours = (minutes: number): string => {
    const h = minutes / 60
    return h < 10 ? h.toFixed(1) : String(Math.round(h))
  }
  const isNow = (week: Schemas['WeekView']): boolean => {
    const monday = Date.parse(`${week.monday}T00:00:00Z`)
    const now = Date.parse(`${today}T00:00:00Z`)
    return now >= monday && now < monday + 7 * DAY
  }
</script>

<h2 id="weeks" class="type-h">Work by the week</h2>
<p class="text-label text-ink2">
  What falls due first at each wheel end; what is late is in this week. Times are common practice.
</p>
<ul class="border-t-2 border-ink">
  {#each weeks as week (week.monday)}
    <li
      class="grid grid-cols-[6.4rem_minmax(0,1fr)_5.4rem] items-center gap-x-2 border-b border-rule py-1"
    >
      <span class="text-label tabular-nums">{isNow(week) ? 'this week' : date(week.monday)}</span>
      <span class="block h-4 bg-transparent">
        <span
          class={['block h-4 border border-ink', isNow(week) ? 'bg-brass-fill' : 'bg-tray']}
          style:width={`${Math.max(2, (100 * week.minutes) / most)}%`}
        ></span>
      </span>
      <span class="text-right leading-tight"
        ><span class="font-bold tabular-nums">{hours(week.minutes)} h</span>
        <span class="block text-min text-ink2"
          >{week.wheelEnds} {week.wheelEnds === 1 ? 'wheel' : 'wheels'}</span
        ></span
      >
    </li>
  {:else}
    <li class="border-b border-rule py-2 text-ink2">Nothing falls due in the next half year.</li>
  {/each}
</ul>
