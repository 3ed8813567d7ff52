<script lang="ts">
  import type { Schemas } from '$api/request'
  import { display } from '$features/display'

  interface Props {
    view: Schemas['AidsView']
  }

  let { view }: Props = $props()

  const hubs = $derived([...new Set(view.warm.map((one) => one.hub))])
  const colds = $derived([...new Set(view.warm.map((one) => one.cold))])
  const degrees = (at: Schemas['TemperatureView']): string =>
    display.leading === 'metric' ? `${Math.ceil(at.celsius)} °C` : `${Math.ceil(at.fahrenheit)} °F`

  function from(hub: string, cold: string): string {
    const one = view.warm.find((warm) => warm.hub === hub && warm.cold === cold)
    return one?.possible ? degrees(one.from) : 'press'
  }
</script>

<table class="w-full">
  <caption class="pb-1 text-left text-label font-semibold"
    >Hub at least so warm, and the cup drops in</caption
  >
  <thead>
    <tr class="border-b border-ink text-left text-label">
      <th scope="col" class="py-1 font-semibold">Hub of</th>
      {#each colds as cold (cold)}
        <th scope="col" class="py-1 pl-3 font-semibold">cup {cold}</th>
      {/each}
    </tr>
  </thead>
  <tbody>
    {#each hubs as hub (hub)}
      <tr class="border-b border-rule">
        <th scope="row" class="py-1.5 text-left font-normal">{hub}</th>
        {#each colds as cold (cold)}
          <td class="py-1.5 pl-3 type-num text-read font-semibold whitespace-nowrap"
            >{from(hub, cold)}</td
          >
        {/each}
      </tr>
    {/each}
  </tbody>
</table>
<p class="mt-1 text-label text-ink2">
  For the tightest fit that is still normal, both cups. Not above {view.limits
    .map((limit) => `${degrees(limit.most)} ${limit.state}`)
    .join(', ')}. Estimate; your measured bore says more.
</p>
