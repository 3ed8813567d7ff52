<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { keys } from '$features/keys'
  import { Button } from '$ui/button'
  import { ProblemCard } from '$ui/problem-card'
  import { ComingTrips } from '$features/usage'
  import DueRow from './DueRow.svelte'
  import Weeks from './Weeks.svelte'
  import YardStrip from './YardStrip.svelte'

  type Item = Schemas['DueItemView']

  const attempt = new Attempt()
  let items = $state.raw<Item[]>([])
  let more = $state('')
  let today = $state('')
  let weeks = $state.raw<Schemas['WeekView'][]>([])
  let fetched = $state(false)
  /** False while dates are still worked out after an upgrade. */
  let whole = $state(true)

  const late = $derived(items.filter((item) => item.due.daysLeft < 0))
  const href = (item: Item): string => `/rigs/${item.rigId}/almanac`

  async function load(from?: string): Promise<void> {
    const done = await attempt.run(async () => {
      const page = await api.dueList(from)
      whole = page.isWhole
      items = from ? [...items, ...page.items] : page.items
      more = page.more ?? ''
      today = page.today
    })
    fetched ||= done
    if (done && !whole) setTimeout(() => void load(), 3000)
  }

  onMount(() => {
    void load()
    void attempt.run(async () => {
      weeks = await api.dueWeeks()
    })
    return keys.add([
      {
        keys: ['Enter', ' ', 'PageDown'],
        does: 'Open what presses most',
        run: () => items[0] && void goto(href(items[0])),
      },
    ])
  })
</script>

<svelte:head><title>Almanac · Old Tallow</title></svelte:head>

<div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,8fr)_minmax(0,5fr)]">
  <section
    aria-labelledby="almanac"
    class="flex flex-col gap-2 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <h1 id="almanac" class="type-say">
      {#if !fetched || (!whole && late.length === 0)}
        What falls due
      {:else if late.length > 0}
        {late.length} {late.length === 1 ? 'thing is' : 'things are'} late
      {:else}
        Nothing is late
      {/if}
    </h1>
    <p class="text-label text-ink2">
      Within three months, by what fails if it is late. Wheel nuts go first, then bearings.
    </p>
    {#if attempt.problem}
      <ProblemCard title={attempt.problem.title}><p>{attempt.problem.detail}</p></ProblemCard>
    {/if}
    {#if !whole}
      <p role="status" class="font-semibold text-oxide">
        Dates are still being worked out after an upgrade: more may be due than is listed here.
      </p>
    {/if}
    <YardStrip />
    <ul class="border-t-2 border-ink">
      {#each items as item (`${item.wheelEnds[0]?.id} ${item.due.action}`)}
        <DueRow {item} href={href(item)} />
      {:else}
        {#if fetched && whole}
          <li class="border-b border-rule py-3 text-read">
            Nothing falls due within three months, as far as is on record.
          </li>
        {/if}
      {/each}
    </ul>
    {#if more}
      <Button class="self-start" disabled={attempt.busy} onclick={() => void load(more)}
        >More rigs</Button
      >
    {/if}
  </section>
  <section
    aria-labelledby="weeks"
    class="flex flex-col gap-3 px-4 py-4 desk:overflow-y-auto desk:px-5"
  >
    <p>
      <a class="inline-flex min-h-11 items-center font-semibold" href="/almanac/reminders"
        >Reminders: into your calendar, or by mail</a
      >
    </p>
    <ComingTrips />
    <Weeks {weeks} {today} />
  </section>
</div>
