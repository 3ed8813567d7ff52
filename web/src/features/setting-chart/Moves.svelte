<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingLength } from '$features/display'
  import { shapeOf, verdictWords } from '$features/nut-dial/state'
  import { Mark } from '$ui/mark'

  interface Props {
    moves: Schemas['SensitivityView'][]
  }

  let { moves }: Props = $props()
</script>

<section aria-labelledby="moves">
  <h2 id="moves" class="type-h">What else moves it</h2>
  <table class="mt-1 w-full border-t-2 border-ink">
    <thead>
      <tr class="text-left text-label text-ink2">
        <th class="py-1 pr-2 font-normal">one thing changed</th>
        <th class="py-1 pr-2 text-right font-normal">by</th>
        <th class="py-1 pr-2 text-right font-normal">leaves</th>
        <th class="py-1"><span class="sr-only">verdict</span></th>
      </tr>
    </thead>
    <tbody>
      {#each moves as one (one.cause)}
        <tr class="border-t border-rule">
          <td class="py-1.5 pr-2">{one.cause}</td>
          <td class="py-1.5 pr-2 text-right type-num whitespace-nowrap"
            >{one.change.millimetres > 0 ? '+' : ''}{leadingLength(one.change)}</td
          >
          <td class="py-1.5 pr-2 text-right type-num font-semibold whitespace-nowrap"
            >{leadingLength(one.leaves)}</td
          >
          <td class="py-1.5"
            ><span class="flex justify-end" title={verdictWords[one.verdict]}
              ><Mark shape={shapeOf[one.verdict]} size={20} /><span class="sr-only"
                >{verdictWords[one.verdict]}</span
              ></span
            ></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
</section>
