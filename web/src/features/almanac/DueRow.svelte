<script lang="ts">
  import type { Schemas } from '$api/request'
  import { away, date } from '$features/display'
  import { authorityWords } from '$features/nut-dial/state'
  import { Mark } from '$ui/mark'

  interface Props {
    item: Schemas['DueItemView']
    href: string
  }

  let { item, href }: Props = $props()

  const late = $derived(item.due.daysLeft < 0)
  const outside = $derived(item.state === 'OUTSIDE_WINDOW')
</script>

<li class="border-b border-rule">
  <a
    {href}
    class="grid grid-cols-[30px_minmax(0,1fr)_auto] items-center gap-x-3 py-1.5 text-ink no-underline hover:bg-tray"
  >
    <Mark
      shape={outside ? 'outside' : late ? 'overdue' : item.due.daysLeft <= 30 ? 'soon' : 'good'}
      size={26}
    />
    <span class="min-w-0 leading-tight">
      <span class="type-card">{item.rigName}</span>
      <span class="text-label text-ink2"
        >{item.wheelEnds.map((end) => end.position).join(', ')}</span
      >
      <span class="block"
        ><span class="font-semibold">{item.due.words}</span>
        <span class="text-label text-ink2"
          >{item.due.by}, {authorityWords[item.due.authority].toLowerCase()}</span
        ></span
      >
      {#if outside}
        <span class="block text-label font-semibold first-letter:uppercase">{item.stateWords}</span>
      {:else if late}
        <span class="block text-label text-ink2">{item.due.ifLate}</span>
      {/if}
    </span>
    <span class="text-right whitespace-nowrap">
      <span class={['block font-bold tabular-nums', (late || outside) && 'text-oxide']}
        >{outside ? 'open it now' : away(item.due.daysLeft)}</span
      >
      <span class="block text-label text-ink2 tabular-nums">{date(item.due.likely)}</span>
      {#if !item.due.certain}
        <span class="block text-min text-ink2"
          >{date(item.due.earliest)} to {date(item.due.latest)}</span
        >
      {/if}
    </span>
  </a>
</li>
