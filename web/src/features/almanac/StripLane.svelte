<script lang="ts">
  import type { Schemas } from '$api/request'
  import { date } from '$features/display'
  import { actions } from '$features/figures'
  import type { Scale } from './strip'

  type End = Schemas['EndView']

  interface Props {
    end: End
    /** The same wheel end as it would be. */
    other: End | null
    scale: Scale
    left: number
    right: number
    y: number
  }

  let { end, other, scale, left, right, y }: Props = $props()

  const done = $derived(end.done.filter((one) => scale.holds(one.on)))
  const middle = $derived(y + 24)

  const says = (due: Schemas['DueView']): string =>
    `${due.words}: ${date(due.likely)}${
      due.certain ? '' : `, likely ${date(due.earliest)} to ${date(due.latest)}`
    }, ${due.by}`
</script>

<text x="6" y={middle + 4} font-size="13" font-weight="700">{end.position}</text>
<path d={`M${left} ${middle}H${right}`} class="stroke-line" />
{#each done as one (one.id)}
  {@const x = left + scale.x(one.on)}
  <path d={`M${x} ${middle - 7}V${middle + 7}`} class="stroke-verdigris" stroke-width="3"
    ><title>{one.words}, {date(one.on)}, {one.person}</title></path
  >
{/each}
{#each other?.dues ?? [] as due (due.action)}
  {#if scale.holds(due.likely)}
    {@const x = left + scale.x(due.likely)}
    <path
      d={`M${x} ${middle + 4}l6 12h-12Z`}
      class="fill-grease-wash stroke-grease"
      stroke-width="1.6"><title>what if: {says(due)}</title></path
    >
  {/if}
{/each}
{#each end.dues as due (due.action)}
  {@const x = left + scale.x(due.likely)}
  {#if scale.holds(due.likely) || due.daysLeft < 0}
    {#if !due.certain}
      <path
        d={`M${left + scale.x(due.earliest)} ${middle - 12}H${left + scale.x(due.latest)}`}
        class="stroke-brass"
        stroke-width="3"
      />
    {/if}
    <path
      d={`M${x} ${middle - 2}l-7 -13h14Z`}
      class={due.daysLeft < 0 ? 'fill-brass-fill stroke-ink' : 'fill-sheet stroke-ink'}
      stroke-width="1.6"><title>{says(due)}</title></path
    >
    <text
      x={x > right - 60 ? x - 10 : x + 10}
      text-anchor={x > right - 60 ? 'end' : 'start'}
      y={middle - 6}
      font-size="11.5">{actions[due.action].short}</text
    >
  {/if}
{/each}
