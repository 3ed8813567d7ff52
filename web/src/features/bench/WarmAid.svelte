<script lang="ts">
  import type { Schemas } from '$api/client'
  import { display } from '$features/display'

  interface Props {
    view: Schemas['AidsView']
  }

  let { view }: Props = $props()

  const hubs = $derived([...new Set(view.inboard.warm.map((one) => one.hub))])
  const colds = $derived([...new Set(view.inboard.warm.map((one) => one.cold))])
  /** The cup that wants more counts. */
  function from(hub: string, cold: string): string {
    const both = [view.inboard, view.outboard].flatMap((race) =>
      race.warm.filter((one) => one.hub === hub && one.cold === cold),
    )
    if (both.some((one) => !one.possible)) return 'press it'
    const most = both.reduce((a, b) => (a.from.celsius > b.from.celsius ? a : b)).from
    return display.leading === 'metric'
      ? `${Math.ceil(most.celsius)} °C`
      : `${Math.ceil(most.fahrenheit)} °F`
  }
</script>

<table class="w-full">
  <caption class="pb-1 text-left text-label font-semibold"
    >Hub at least so warm, and the cup drops in</caption
  >
  <thead>
    <tr class="border-b border-ink text-left text-label">
      <th scope="col" class="py-1 font-semibold">Cup</th>
      {#each hubs as hub (hub)}<th scope="col" class="py-1 font-semibold">{hub}</th>{/each}
    </tr>
  </thead>
  <tbody>
    {#each colds as cold (cold)}
      <tr class="border-b border-rule">
        <th scope="row" class="py-1.5 text-left font-normal">{cold}</th>
        {#each hubs as hub (hub)}
          <td class="py-1.5 type-num text-[20px] font-semibold">{from(hub, cold)}</td>
        {/each}
      </tr>
    {/each}
  </tbody>
</table>
<p class="mt-1 text-label text-ink2">
  For the tightest fit that is still normal, both cups. Bare hub not above 120 °C (250 °F), greasy
  not above 80 °C. Estimate; your measured bore says more.
</p>
