<script lang="ts">
  import type { Schemas } from '$api/request'
  import { degrees, leadingLength, otherLength } from '$features/display'

  interface Props {
    rows: Schemas['BackOffView'][]
  }

  let { rows }: Props = $props()
</script>

<section aria-labelledby="back-offs">
  <h2 id="back-offs" class="type-h">Recommended practice, heavy wheel ends</h2>
  <p class="text-label">
    Seat at 200 lbf·ft, one full turn back, again to 50 lbf·ft, then back off as below and lock. The
    travel is nominal, never the end play: the jam nut takes some of it up, so read 0.025 to 0.127
    mm (1 to 5 thou) on a dial indicator afterwards. Licensed work in many places.
  </p>
  <table class="mt-2 w-full text-label">
    <thead>
      <tr class="border-b-2 border-ink text-left text-ink2">
        <th scope="col" class="py-1 font-normal">Axle</th>
        <th scope="col" class="py-1 text-right font-normal">threads / in</th>
        <th scope="col" class="py-1 text-right font-normal">back off</th>
        <th scope="col" class="py-1 text-right font-normal">nominal travel</th>
      </tr>
    </thead>
    <tbody>
      {#each rows as row (`${row.axle} ${row.jamNut} ${row.threadsPerInch}`)}
        <tr class="border-b border-rule">
          <th scope="row" class="py-1.5 text-left font-semibold">
            {row.axle}, {row.jamNut ? 'two nuts' : 'one nut and cotter'}
          </th>
          <td class="text-right type-num">{row.threadsPerInch}</td>
          <td class="text-right type-num font-semibold">{degrees(row.degrees)}</td>
          <td class="text-right type-num">
            {leadingLength(row.nominalTravel)}
            <span class="block text-min text-ink2">{otherLength(row.nominalTravel)}</span>
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="text-min text-ink2">Source: recommended practice RP 618, from memory.</p>
</section>
